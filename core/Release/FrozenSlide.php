<?php

declare(strict_types=1);

namespace Daybright\Release;

use Daybright\Lesson\Fields;

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
        );
    }

    /** The wide drawing as it stands at a step, from 0. */
    public function svgAt(int $step): string
    {
        return $this->wide->without($this->later($step), $step)->svg;
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
        ];
    }

    /** @return list<string> ids of the steps after one */
    private function later(int $step): array
    {
        return array_slice($this->steps, $step + 1);
    }
}
