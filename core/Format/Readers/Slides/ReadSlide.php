<?php

declare(strict_types=1);

namespace Daybright\Format\Readers\Slides;

/** A slide of another format, as far as it can be taken. */
final readonly class ReadSlide
{
    /**
     * @param  list<ReadPiece>  $pieces in the order of reading
     * @param  list<string>  $notes a paragraph each
     * @param  list<string>  $left what could not be taken, such as “a film”
     * @param  bool  $isFilled whether its picture fills it, as a page that is taken as it looked
     */
    public function __construct(
        public string $title,
        public array $pieces,
        public array $notes,
        public array $left,
        public bool $isFilled = false,
    ) {
    }

    /** @return int clicks that build it up */
    public function clicks(): int
    {
        return max([0, ...array_map(static fn (ReadPiece $piece): int => $piece->click(), $this->pieces)]);
    }
}
