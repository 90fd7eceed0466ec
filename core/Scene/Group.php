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
     * @param  Link|null  $link where it leads, about the group's own zero
     * @param  float  $scale of the shapes, about the group's own zero
     * @param  string  $until step at which it is taken off again; empty when it stays
     * @param  int|null  $untilNumber of that step, from 0
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
        public float $scale = 1,
        public string $until = '',
        public ?int $untilNumber = null,
    ) {
    }

    /** @param  int  $stepNumber from 0 */
    public function isSeenAt(int $stepNumber): bool
    {
        return $this->stepNumber <= $stepNumber && ($this->untilNumber === null || $stepNumber < $this->untilNumber);
    }

    /** Where a shape of it stands on the slide. */
    public function boxOf(Shape $shape): Box
    {
        return $shape->box->scaled($this->scale)->moved($this->x, $this->y);
    }

    /** Where it leads, in slide units. */
    public function placedLink(): ?Link
    {
        return $this->link?->scaled($this->scale)->moved($this->x, $this->y);
    }

    /** @param  list<Shape>  $shapes */
    public function with(array $shapes): self
    {
        return new self(
            $this->block,
            $this->piece,
            $this->step,
            $this->stepNumber,
            $shapes,
            $this->x,
            $this->y,
            $this->words,
            $this->link,
            $this->scale,
            $this->until,
            $this->untilNumber,
        );
    }

    /** What can be read in the group, in order. */
    public function written(): string
    {
        $texts = array_filter($this->shapes, static fn (Shape $shape): bool => $shape->isText());

        return trim(implode(' ', array_map(static fn (Shape $shape): string => $shape->written(), $texts)));
    }
}
