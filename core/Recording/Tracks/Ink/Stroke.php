<?php

declare(strict_types=1);

namespace Daybright\Recording\Tracks\Ink;

use Daybright\Deck\PageMapping;
use Daybright\Lesson\Fields;
use Daybright\Recording\Tracks\DrawnOver;
use Daybright\Recording\Tracks\Interval;

/** A line drawn on a slide, from its first point until it is wiped. */
final readonly class Stroke extends Interval implements DrawnOver
{
    /** In units of a page. */
    private const THINNEST = 4.0;

    /**
     * @param  string  $tool pen or marker
     * @param  string  $colour such as “#B3261E”
     * @param  float  $width in slide units
     * @param  list<array{float, float, float}>  $points milliseconds after its beginning, x and y in slide units
     */
    public function __construct(
        float $from,
        float $to,
        public string $slide,
        public string $tool,
        public string $colour,
        public float $width,
        public array $points,
    ) {
        parent::__construct($from, $to);
    }

    public static function read(Fields $interval): self
    {
        return new self(
            $interval->number('from'),
            $interval->number('to'),
            $interval->text('slide'),
            $interval->text('tool'),
            $interval->text('colour'),
            $interval->number('width'),
            self::points($interval),
        );
    }

    /** @return list<array{float, float, float}> */
    public static function points(Fields $drawn): array
    {
        return array_map(
            static fn (Fields $point): array => [$point->number('0'), $point->number('1'), $point->number('2')],
            $drawn->list('points'),
        );
    }

    public function onPage(PageMapping $pages): ?self
    {
        $placement = $pages->around(array_map(static fn (array $point): array => [$point[1], $point[2]], $this->points));
        if ($placement === null) {
            return null;
        }
        $points = array_map(static function (array $point) use ($placement): array {
            [$x, $y] = $placement->point($point[1], $point[2]);

            return [$point[0], round($x, 1), round($y, 1)];
        }, $this->points);
        $width = max(self::THINNEST, round($this->width * $placement->scale(), 1));

        return new self($this->from, $this->to, $this->slide, $this->tool, $this->colour, $width, $points);
    }

    public function during(float $from, float $to): static
    {
        return new self($from, $to, $this->slide, $this->tool, $this->colour, $this->width, $this->points);
    }

    protected function data(): array
    {
        return [
            'slide' => $this->slide,
            'tool' => $this->tool,
            'colour' => $this->colour,
            'width' => $this->width,
            'points' => $this->points,
        ];
    }
}
