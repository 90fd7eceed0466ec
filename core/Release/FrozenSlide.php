<?php

declare(strict_types=1);

namespace Daybright\Release;

use Daybright\Lesson\Fields;
use Daybright\Scene\SvgGroups;

/**
 * A slide as it was when the lesson was shared: its drawing, and what it says, step by step.
 *
 * @phpstan-type FrozenLink array{slide: string, label: string, step: int, areas: list<list<float>>}
 */
final readonly class FrozenSlide
{
    /**
     * @param  string  $part such as “explain”
     * @param  bool  $side whether it is reached only by a link
     * @param  string  $svg with its pictures named “picture:” and the sha256 of their bytes
     * @param  list<string>  $steps ids
     * @param  list<string>  $descriptions what is seen at each step, in words
     * @param  list<string>  $script lines of a side slide, which nobody speaks there
     * @param  list<FrozenLink>  $links areas are x, y, width and height in slide units
     */
    public function __construct(
        public string $title,
        public string $part,
        public bool $side,
        public string $svg,
        public array $steps,
        public array $descriptions,
        public array $script,
        public array $links,
    ) {
    }

    public static function read(Fields $slide): self
    {
        return new self(
            $slide->text('title'),
            $slide->text('part'),
            $slide->flag('side'),
            $slide->text('svg'),
            $slide->texts('steps'),
            $slide->texts('descriptions'),
            $slide->texts('script'),
            array_map(self::link(...), $slide->list('links')),
        );
    }

    /** The drawing as it stands at a step, from 0. */
    public function svgAt(int $step): string
    {
        $later = array_slice($this->steps, $step + 1);

        return $later === [] ? $this->svg : SvgGroups::without($this->svg, $later);
    }

    /** As far as one of its steps, from 0. */
    public function upTo(int $step): self
    {
        if ($step >= count($this->steps) - 1) {
            return $this;
        }
        $links = array_values(array_filter($this->links, static fn (array $link): bool => $link['step'] <= $step));

        return new self(
            $this->title,
            $this->part,
            $this->side,
            $this->svgAt($step),
            $this->steps,
            array_slice($this->descriptions, 0, $step + 1),
            $this->script,
            $links,
        );
    }

    /** @return array<mixed> */
    public function toArray(): array
    {
        return get_object_vars($this);
    }

    /** @return FrozenLink */
    private static function link(Fields $link): array
    {
        $area = static fn (Fields $area): array => [$area->number('0'), $area->number('1'), $area->number('2'), $area->number('3')];

        return [
            'slide' => $link->text('slide'),
            'label' => $link->text('label'),
            'step' => $link->whole('step'),
            'areas' => array_map($area, $link->list('areas')),
        ];
    }
}
