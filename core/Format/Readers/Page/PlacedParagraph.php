<?php

declare(strict_types=1);

namespace Daybright\Format\Readers\Page;

/** A paragraph of a page that is brought in. */
final readonly class PlacedParagraph
{
    /**
     * @param  string  $text in one line, without signs that set type
     * @param  float  $size in units of the page
     * @param  float  $align 0 left, 0.5 middle, 1 right
     * @param  int  $level of the list that it stands in, from 0
     */
    public function __construct(
        public string $text,
        public float $size,
        public string $colour,
        public bool $isBold = false,
        public float $align = 0,
        public bool $isPoint = false,
        public int $level = 0,
    ) {
    }
}
