<?php

declare(strict_types=1);

namespace Daybright\Recording\Editing;

use Daybright\Recording\Clock;
use Daybright\Recording\SampleRange;

/** A stretch of a take that is said again: where everything else comes to stand. */
final readonly class Replacement
{
    /** @param  int  $length of what is said instead, in samples */
    public function __construct(private SampleRange $gone, private int $length)
    {
    }

    /** What was done meanwhile stays, in proportion. */
    public function sample(int $sample): int
    {
        if ($sample < $this->gone->from) {
            return $sample;
        }
        if ($sample >= $this->gone->to) {
            return $sample - $this->gone->length() + $this->length;
        }

        return $this->gone->from + intdiv(($sample - $this->gone->from) * $this->length, $this->gone->length());
    }

    /**
     * @param  list<array<string, mixed>>  $events with their milliseconds
     * @return list<array<string, mixed>>
     */
    public function events(array $events): array
    {
        return array_map(function (array $event): array {
            $at = is_numeric($event['at']) ? (float) $event['at'] : 0.0;

            return ['at' => round(Clock::milliseconds($this->sample(Clock::samples($at))), 1)] + $event;
        }, $events);
    }

    /**
     * @param  list<SampleRange>  $cuts
     * @return list<SampleRange> what of them lies outside the stretch
     */
    public function cuts(array $cuts): array
    {
        $left = [];
        foreach ($cuts as $cut) {
            if ($cut->from < $this->gone->from) {
                $left[] = new SampleRange($cut->from, min($cut->to, $this->gone->from));
            }
            if ($cut->to > $this->gone->to) {
                $left[] = $this->moved(new SampleRange(max($cut->from, $this->gone->to), $cut->to));
            }
        }

        return $left;
    }

    /**
     * @param  list<Wording>  $wordings
     * @return list<Wording> those of words that are not said again
     */
    public function wordings(array $wordings): array
    {
        return array_map(
            fn (Wording $wording): Wording => new Wording($this->moved($wording->range), $wording->text),
            array_values(array_filter($wordings, fn (Wording $wording): bool => ! $wording->range->meets($this->gone))),
        );
    }

    /**
     * @param  list<int>  $samples
     * @return list<int> those outside the stretch
     */
    public function moments(array $samples): array
    {
        return array_map($this->sample(...), array_values(array_filter(
            $samples,
            fn (int $sample): bool => $sample < $this->gone->from || $sample >= $this->gone->to,
        )));
    }

    private function moved(SampleRange $range): SampleRange
    {
        $from = $this->sample($range->from);

        return new SampleRange($from, $from + $range->length());
    }
}
