<?php

declare(strict_types=1);

namespace Daybright\Recording\Tracks\Layouts;

use Daybright\Lesson\Fields;
use Daybright\Recording\Tracks\Interval;
use Daybright\Scene\Box;

/** While a slide was composed as it was when it was recorded. */
final readonly class Layout extends Interval
{
    /** @param  array<string, Box>  $boxes by block, in slide units */
    public function __construct(float $from, float $to, public string $slide, public array $boxes)
    {
        parent::__construct($from, $to);
    }

    public static function read(Fields $interval): self
    {
        return new self(
            $interval->number('from'),
            $interval->number('to'),
            $interval->text('slide'),
            self::boxes($interval->fields('boxes')),
        );
    }

    /** @return array<string, Box> */
    public static function boxes(Fields $boxes): array
    {
        $read = [];
        foreach ($boxes->names() as $block) {
            $box = $boxes->fields($block);
            $read[$block] = new Box($box->number('0'), $box->number('1'), $box->number('2'), $box->number('3'));
        }

        return $read;
    }

    public function during(float $from, float $to): static
    {
        return new self($from, $to, $this->slide, $this->boxes);
    }

    protected function data(): array
    {
        return [
            'slide' => $this->slide,
            'boxes' => (object) array_map(static fn (Box $box): array => [$box->x, $box->y, $box->width, $box->height], $this->boxes),
        ];
    }
}
