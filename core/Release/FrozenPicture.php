<?php

declare(strict_types=1);

namespace Daybright\Release;

use Daybright\Lesson\Fields;
use Daybright\Scene\SvgGroups;

/**
 * The drawing of a slide on one page, as it was when the lesson was shared.
 *
 * @phpstan-type FrozenLink array{slide: string, label: string, step: int, areas: list<list<float>>}
 */
final readonly class FrozenPicture
{
    /**
     * @param  string  $svg with its pictures named “picture:” and the sha256 of their bytes
     * @param  list<FrozenLink>  $links areas are x, y, width and height in units of the page
     */
    public function __construct(public string $svg, public array $links)
    {
    }

    public static function read(Fields $picture): self
    {
        return new self($picture->text('svg'), array_map(self::link(...), $picture->list('links')));
    }

    /**
     * Without what appears at some steps.
     *
     * @param  list<string>  $later ids of the steps
     * @param  int  $step the last one that is left, from 0
     */
    public function without(array $later, int $step): self
    {
        return $later === [] ? $this : new self(
            SvgGroups::without($this->svg, $later),
            array_values(array_filter($this->links, static fn (array $link): bool => $link['step'] <= $step)),
        );
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
