<?php

declare(strict_types=1);

namespace Daybright\Scene;

/** The picture of a slide: groups of shapes, each belonging to a block and appearing at a step. */
final readonly class Scene
{
    public const WIDTH = 1600.0;

    public const HEIGHT = 900.0;

    /**
     * @param  list<Group>  $groups
     * @param  array<string, Box>  $boxes where each block stands
     * @param  array<string, string>  $descriptions of each block, in words
     * @param  list<string>  $overfull blocks that did not fit even at the smallest size
     * @param  array<string, string>  $problems block => a sentence that says why it could not be drawn
     */
    public function __construct(
        public array $groups,
        public array $boxes,
        public array $descriptions,
        public array $overfull,
        public array $problems,
    ) {
    }

    /** The groups to be seen at a step, counted from 0. */
    public function at(int $stepNumber): self
    {
        $seen = array_values(array_filter($this->groups, static fn (Group $group): bool => $group->stepNumber <= $stepNumber));

        return new self($seen, $this->boxes, $this->descriptions, $this->overfull, $this->problems);
    }

    public function description(): string
    {
        return implode(' ', array_filter($this->descriptions));
    }
}
