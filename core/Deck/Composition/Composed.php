<?php

declare(strict_types=1);

namespace Daybright\Deck\Composition;

/** A composition set in type: the size of its text, and the place of every block that fits. */
final readonly class Composed
{
    /**
     * @param  float  $size of running text, in slide units
     * @param  list<Place>  $places
     * @param  list<int>  $overfull numbers of blocks that did not fit even at the smallest size
     */
    public function __construct(
        public Composition $composition,
        public float $size,
        public array $places,
        public array $overfull,
        public float $score = 0,
    ) {
    }

    /** @param  list<Place>  $places */
    public function with(array $places): self
    {
        return new self($this->composition, $this->size, $places, $this->overfull, $this->score);
    }

    public function scored(float $score): self
    {
        return new self($this->composition, $this->size, $this->places, $this->overfull, $score);
    }
}
