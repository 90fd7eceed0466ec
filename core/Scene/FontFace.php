<?php

declare(strict_types=1);

namespace Daybright\Scene;

/**
 * One cut of a shipped font, with the advance widths of its letters.
 *
 * @phpstan-type FaceMetrics array{family: string, weight: int, ascent: float, descent: float, widths: array<int, float>}
 */
final class FontFace
{
    /** Used for letters that the font lacks, in thousandths of the size. */
    private const UNKNOWN = 700.0;

    /** Texts whose width is remembered. */
    private const REMEMBERED = 5000;

    /** @var array<string, float> in thousandths of the font size: the words of a slide are set in many sizes */
    private array $known = [];

    /**
     * @param  array<int, float>  $widths by code point, in thousandths of the font size
     * @param  array<int, float>  $otherwise those of the face that gives the letters this one lacks
     */
    private function __construct(
        public readonly string $family,
        public readonly int $weight,
        public readonly float $ascent,
        public readonly float $descent,
        private readonly array $widths,
        private readonly array $otherwise,
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
            $metrics['widths'],
            $otherwise['widths'],
        );
    }

    /** @return float in slide units */
    public function width(string $text, float $size): float
    {
        if (! isset($this->known[$text])) {
            $this->known = count($this->known) < self::REMEMBERED ? $this->known : [];
            $this->known[$text] = $this->measured($text);
        }

        return $this->known[$text] * $size / 1000;
    }

    private function measured(string $text): float
    {
        $width = 0.0;
        foreach (mb_str_split($text) as $character) {
            $letter = mb_ord($character);
            $width += $this->widths[$letter] ?? $this->otherwise[$letter] ?? self::UNKNOWN;
        }

        return $width;
    }
}
