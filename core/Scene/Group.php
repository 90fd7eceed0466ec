<?php

declare(strict_types=1);

namespace Daybright\Scene;

/** The shapes of one piece of a block, which appear together at a step. */
final readonly class Group
{
    /**
     * @param  list<Shape>  $shapes
     * @param  float  $x and $y: where the group's own zero stands on the slide
     * @param  int  $stepNumber from 0
     * @param  string  $words what it says or shows, for a student who cannot see it
     * @param  Link|null  $link where it leads
     */
    public function __construct(
        public string $block,
        public string $piece,
        public string $step,
        public int $stepNumber,
        public array $shapes,
        public float $x = 0,
        public float $y = 0,
        public string $words = '',
        public ?Link $link = null,
    ) {
    }

    /** What can be read in the group, in order. */
    public function written(): string
    {
        $texts = array_filter($this->shapes, static fn (Shape $shape): bool => $shape->isText());

        return trim(implode(' ', array_map(static fn (Shape $shape): string => $shape->written(), $texts)));
    }
}
