<?php

declare(strict_types=1);

namespace Daybright\Scene;

/** One line of set text: what stands in it, and its measures. */
final readonly class TextLine
{
    /**
     * @param  list<Inline>  $inlines
     * @param  float  $indent from the left edge
     * @param  float  $ascent above and $descent below the baseline, in slide units
     */
    public function __construct(
        public array $inlines,
        public float $width,
        public float $indent,
        public bool $bullet,
        public float $ascent,
        public float $descent,
        public float $space,
    ) {
    }

    public function height(): float
    {
        return $this->ascent + $this->descent;
    }
}
