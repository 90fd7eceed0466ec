<?php

declare(strict_types=1);

namespace Daybright\Scene;

/**
 * One cut of a shipped font, with the advance widths of its letters.
 *
 * @phpstan-type FaceMetrics array{family: string, weight: int, ascent: float, descent: float, widths: array<int, float>}
 */
final readonly class FontFace
{
    /** Used for letters that the font lacks, in thousandths of the size. */
    private const UNKNOWN = 700.0;

    /** @param  array<int, float>  $widths by code point, in thousandths of the font size */
    private function __construct(
        public string $family,
        public int $weight,
        public float $ascent,
        public float $descent,
        private array $widths,
    ) {
    }

    /**
     * @param  FaceMetrics  $metrics
     * @param  FaceMetrics  $otherwise of the face that gives the letters this one lacks
     */
    public static function from(array $metrics, array $otherwise): self
    {
        // The line box of some fonts leaves room for stacked accents; slides need the letters' own height.
        return new self(
            $metrics['family'].', '.$otherwise['family'],
            $metrics['weight'],
            min($metrics['ascent'], 1000) / 1000,
            min($metrics['descent'], 280) / 1000,
            $metrics['widths'] + $otherwise['widths'],
        );
    }

    /** @return float in slide units */
    public function width(string $text, float $size): float
    {
        $width = 0.0;
        foreach (mb_str_split($text) as $character) {
            $width += $this->widths[mb_ord($character)] ?? self::UNKNOWN;
        }

        return $width * $size / 1000;
    }
}
