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
     * @param  list<string>  $overfull blocks that did not fit even at the smallest size
     * @param  array<string, string>  $problems block => a sentence that says why it could not be drawn
     * @param  Box  $page that it is drawn on
     * @param  string  $composition name of how its blocks stand to one another; empty where there was nothing to choose
     * @param  array<string, list<PointHandle>>  $handles block => points that can be moved where they stand
     * @param  array<string, list<TextField>>  $fields block => its texts that can be typed where they stand; the title under “”
     */
    public function __construct(
        public array $groups,
        public array $boxes,
        public array $overfull,
        public array $problems,
        public string $composition = '',
        public Box $page = new Box(0, 0, self::WIDTH, self::HEIGHT),
        public array $fields = [],
        public array $handles = [],
    ) {
    }

    /** @param  array<string, string>  $problems block => a sentence that says why it could not be drawn */
    public function on(Box $page, array $problems): self
    {
        return new self(
            $this->groups,
            $this->boxes,
            $this->overfull,
            $problems,
            $this->composition,
            $page,
            $this->fields,
            $this->handles,
        );
    }

    /** The size of the smallest type on it, in units of its page; infinite where nothing is written. */
    public function smallestType(): float
    {
        $smallest = INF;
        foreach ($this->groups as $group) {
            foreach ($group->shapes as $shape) {
                $isText = $shape->element === 'text';
                $smallest = $isText ? min($smallest, (float) $shape->attributes['font-size'] * $group->scale) : $smallest;
            }
        }

        return $smallest;
    }

    /** The groups to be seen at a step, counted from 0. */
    public function at(int $stepNumber): self
    {
        $seen = array_values(array_filter($this->groups, static fn (Group $group): bool => $group->isSeenAt($stepNumber)));

        return $this->withGroups($seen);
    }

    /** @param  list<Group>  $groups */
    public function withGroups(array $groups): self
    {
        return new self(
            $groups,
            $this->boxes,
            $this->overfull,
            $this->problems,
            $this->composition,
            $this->page,
            $this->fields,
            $this->handles,
        );
    }

    /** @return list<Link> places that lead to side slides, in slide units */
    public function links(): array
    {
        return array_values(array_filter(array_map(
            static fn (Group $group): ?Link => $group->placedLink(),
            $this->groups,
        )));
    }

    /** What is seen, in words, one sentence or more for each group. */
    public function description(): string
    {
        $words = array_filter(array_map(static fn (Group $group): string => trim($group->words), $this->groups));

        return implode(
            ' ',
            array_map(static fn (string $each): string => preg_match('/[.?!…:]$/u', $each) === 1 ? $each : $each.'.', $words),
        );
    }
}
