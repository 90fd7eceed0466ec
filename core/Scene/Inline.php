<?php

declare(strict_types=1);

namespace Daybright\Scene;

/** One word or formula in a line of text, before it is placed. */
final readonly class Inline
{
    /** @param  float  $width in slide units */
    private function __construct(
        public string $word,
        public bool $bold,
        public ?SetFormula $formula,
        public float $width,
        public float $size,
        public bool $glued,
    ) {
    }

    /** @param  bool  $glued whether it follows the last one without a space */
    public static function word(string $word, FontFace $face, bool $bold, float $size, bool $glued): self
    {
        return new self($word, $bold, null, $face->width($word, $size), $size, $glued);
    }

    /** A formula wider than the line is made smaller. */
    public static function formula(SetFormula $formula, float $size, float $room, bool $glued): self
    {
        $fitted = min($size, $room / max(0.01, $formula->width));

        return new self('', false, $formula, $formula->width * $fitted, $fitted, $glued);
    }
}
