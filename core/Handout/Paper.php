<?php

declare(strict_types=1);

namespace Daybright\Handout;

/** What pages are printed on, in tenths of a millimetre; for large print in larger ones, so that everything on it comes out larger. */
final readonly class Paper
{
    public const MARGIN = 180.0;

    /** By how much large print is larger: 11 points become 16 (common practice for large print: 16 to 18 points). */
    private const LARGE = 1.42;

    private function __construct(public float $width, public float $height, public string $size, public bool $isLarge = false)
    {
    }

    /** ISO 216. */
    public static function a4(): self
    {
        return new self(2100.0, 2970.0, '210mm 297mm');
    }

    /** ANSI/ASME Y14.1: 8.5 by 11 inches. */
    public static function letter(): self
    {
        return new self(2159.0, 2794.0, '8.5in 11in');
    }

    public function large(): self
    {
        return new self(round($this->width / self::LARGE), round($this->height / self::LARGE), $this->size, true);
    }

    /** Between its margins. */
    public function inner(): float
    {
        return $this->width - 2 * self::MARGIN;
    }
}
