<?php

declare(strict_types=1);

namespace Daybright\Deck;

/** A slide with its title set and its blocks in their places. */
final readonly class LaidOutSlide
{
    /**
     * @param  bool  $hasLandscape whether the look draws its landscape behind it
     * @param  array<string, PlacedBlock>  $placed by block
     * @param  list<string>  $overfull blocks that did not fit even at the smallest size
     * @param  string  $composition name of how they stand to one another; empty where there was nothing to choose
     */
    public function __construct(
        public SlideTitle $title,
        public bool $hasLandscape,
        public array $placed = [],
        public array $overfull = [],
        public string $composition = '',
    ) {
    }
}
