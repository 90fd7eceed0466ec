<?php

declare(strict_types=1);

namespace Daybright\Release;

use Daybright\Deck\Format;
use Daybright\Lesson\Fields;
use Daybright\Scene\SvgGroups;

/**
 * A slide as it was when the lesson was shared: its drawings, and what it says, step by step.
 *
 * @phpstan-import-type FrozenLink from FrozenPicture
 */
final readonly class FrozenSlide
{
    /**
     * @param  string  $part such as “explain”
     * @param  bool  $side whether it is reached only by a link
     * @param  FrozenPicture  $wide as on a screen and in the video
     * @param  FrozenPicture|null  $tall as on a phone held upright; null where only the wide one is shown
     * @param  list<string>  $steps ids
     * @param  list<string>  $descriptions what is seen at each step, in words
     * @param  list<string>  $script lines of a side slide, which nobody speaks there
     * @param  list<FrozenAddress>  $addresses that its cards lead to
     * @param  array<string, FrozenState>  $states of its live blocks, by name
     * @param  list<string>  $live blocks that a student may take over
     */
    public function __construct(
        public string $title,
        public string $part,
        public bool $side,
        public FrozenPicture $wide,
        public ?FrozenPicture $tall,
        public array $steps,
        public array $descriptions,
        public array $script,
        public array $addresses = [],
        public array $states = [],
        public array $live = [],
    ) {
    }

    public static function read(Fields $slide): self
    {
        return new self(
            $slide->text('title'),
            $slide->text('part'),
            $slide->flag('side'),
            FrozenPicture::read($slide),
            $slide->has('tall') ? FrozenPicture::read($slide->fields('tall')) : null,
            $slide->texts('steps'),
            $slide->texts('descriptions'),
            $slide->texts('script'),
            array_map(FrozenAddress::read(...), $slide->list('addresses')),
            self::readStates($slide->fields('states')),
            $slide->texts('live'),
        );
    }

    /** @return array<string, FrozenState> */
    private static function readStates(Fields $states): array
    {
        $read = [];
        foreach ($states->names() as $name) {
            $read[$name] = FrozenState::read($states->fields($name));
        }

        return $read;
    }

    /** @param  list<string>  $wanted names of the states that are left */
    public function onlyStates(array $wanted): self
    {
        return new self(
            $this->title,
            $this->part,
            $this->side,
            $this->wide,
            $this->tall,
            $this->steps,
            $this->descriptions,
            $this->script,
            $this->addresses,
            array_intersect_key($this->states, array_flip($wanted)),
            $this->live,
        );
    }

    /**
     * A drawing as it stands at a step, with live blocks in some of their states.
     *
     * @param  int  $step from 0
     * @param  list<string>  $states names
     * @param  Format  $page the wide one is drawn where there is no tall one
     */
    public function svgAt(int $step, array $states = [], Format $page = Format::Wide): string
    {
        $isTall = $page === Format::Tall && $this->tall !== null;
        $svg = $isTall ? $this->tall->svg : $this->wide->svg;
        foreach (array_intersect_key($this->states, array_flip($states)) as $state) {
            $picture = $isTall ? $state->tall : $state->wide;
            $svg = $picture === null ? $svg : SvgGroups::replaced($svg, $picture->svg);
        }

        return (new FrozenPicture($svg, []))->without($this->later($step), $step)->svg;
    }

    /** @return list<string> ids of the steps that are known */
    public function stepsSeen(): array
    {
        return array_slice($this->steps, 0, count($this->descriptions));
    }

    /** As far as one of its steps, from 0. */
    public function upTo(int $step): self
    {
        $later = $this->later($step);

        return $later === [] ? $this : new self(
            $this->title,
            $this->part,
            $this->side,
            $this->wide->without($later, $step),
            $this->tall?->without($later, $step),
            $this->steps,
            array_slice($this->descriptions, 0, $step + 1),
            $this->script,
            array_values(array_filter($this->addresses, static fn (FrozenAddress $link): bool => $link->step <= $step)),
            array_map(static fn (FrozenState $state): FrozenState => $state->without($later, $step), $this->states),
            $this->live,
        );
    }

    /** @return array<mixed> */
    public function toArray(): array
    {
        return [
            'title' => $this->title,
            'part' => $this->part,
            'side' => $this->side,
            'svg' => $this->wide->svg,
            'steps' => $this->steps,
            'descriptions' => $this->descriptions,
            'script' => $this->script,
            'links' => $this->wide->links,
            'addresses' => array_map(static fn (FrozenAddress $link): array => get_object_vars($link), $this->addresses),
            ...$this->tall === null ? [] : ['tall' => get_object_vars($this->tall)],
            ...$this->live === [] ? [] : ['live' => $this->live],
            ...$this->states === [] ? [] : [
                'states' => array_map(static fn (FrozenState $state): array => $state->toArray(), $this->states),
            ],
        ];
    }

    /** @return list<string> ids of the steps after one */
    private function later(int $step): array
    {
        return array_slice($this->steps, $step + 1);
    }
}
