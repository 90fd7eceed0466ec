<?php

declare(strict_types=1);

namespace Daybright\Recording\Tracks;

use Daybright\Deck\PageMapping;
use Daybright\Lesson\Fields;

/** While something stands at one place of the slide. */
final readonly class Spot extends Interval implements DrawnOver
{
    /** @param  float  $x and $y in slide units */
    public function __construct(float $from, float $to, public float $x, public float $y)
    {
        parent::__construct($from, $to);
    }

    /**
     * From events that say where it is, or with null that it has gone.
     *
     * @return list<Interval>
     */
    public static function following(SegmentEvents $events, string $kind): array
    {
        $starts = array_map(static fn (PlacedEvent $event): array => [$event->at, self::place($event->data)], $events->of($kind));

        return Run::intervals($starts, $events->ends, self::between(...));
    }

    public static function read(Fields $interval): self
    {
        return new self($interval->number('from'), $interval->number('to'), $interval->number('x'), $interval->number('y'));
    }

    /** A hand that passes over an empty place is nearest to something. */
    public function onPage(PageMapping $pages): self
    {
        [$x, $y] = $pages->at($this->x, $this->y)?->point($this->x, $this->y) ?? [$this->x, $this->y];

        return new self($this->from, $this->to, round($x, 1), round($y, 1));
    }

    public function during(float $from, float $to): static
    {
        return new self($from, $to, $this->x, $this->y);
    }

    protected function data(): array
    {
        return ['x' => $this->x, 'y' => $this->y];
    }

    /** @param  array{float, float}  $place */
    private static function between(float $from, float $to, array $place): self
    {
        return new self($from, $to, $place[0], $place[1]);
    }

    /** @return array{float, float}|null nothing where it has left the slide */
    private static function place(Fields $data): ?array
    {
        $x = $data->optionalNumber('x');
        $y = $data->optionalNumber('y');

        return $x === null || $y === null ? null : [$x, $y];
    }
}
