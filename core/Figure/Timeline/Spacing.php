<?php

declare(strict_types=1);

namespace Daybright\Figure\Timeline;

/** Where years fall along a line of length 1. One gap that takes most of the time is drawn short, with a mark. */
final readonly class Spacing
{
    /** A gap is broken when it takes more than this share of all the time. */
    private const LONG = 0.6;

    private const DRAWN = 0.22;

    private ?int $break;

    public function __construct(private Timeline $timeline)
    {
        $span = $timeline->first()->until($timeline->lastYear());
        $break = null;
        foreach (array_slice($timeline->events, 1) as $number => $event) {
            $gap = $timeline->events[$number]->last()->until($event->from);
            if (count($timeline->events) > 2 && $gap > self::LONG * $span) {
                $break = $number;
            }
        }
        $this->break = $break;
    }

    /** @return int|null number of the event before the break */
    public function breakAfter(): ?int
    {
        return $this->break;
    }

    /** Share of the line at which the break is marked. */
    public function breakAt(): float
    {
        if ($this->break === null) {
            return 0.0;
        }

        return ($this->at($this->timeline->events[$this->break]->last()) + $this->at($this->timeline->events[$this->break + 1]->from)) / 2;
    }

    /** @return float from 0 to 1 */
    public function at(Year $year): float
    {
        $span = $this->timeline->first()->until($this->timeline->lastYear());
        if ($this->break === null) {
            return $this->timeline->first()->until($year) / $span;
        }
        $gapStart = $this->timeline->events[$this->break]->last();
        $gap = $gapStart->until($this->timeline->events[$this->break + 1]->from);
        $perYear = (1 - self::DRAWN) / max(1, $span - $gap);
        $passed = $this->timeline->first()->until($year);
        $beforeGap = $this->timeline->first()->until($gapStart);

        return match (true) {
            $passed <= $beforeGap => $passed * $perYear,
            $passed >= $beforeGap + $gap => ($passed - $gap) * $perYear + self::DRAWN,
            default => $beforeGap * $perYear + self::DRAWN * ($passed - $beforeGap) / $gap,
        };
    }
}
