<?php

declare(strict_types=1);

namespace Daybright\Recording;

/** What is kept of a take: all of it less the cuts. */
final readonly class KeptRanges
{
    /** @param  non-empty-list<SampleRange>  $ranges in order, not touching */
    private function __construct(public array $ranges)
    {
    }

    /**
     * @param  list<SampleRange>  $cuts in any order; they may overlap
     *
     * @throws InvalidRecording when nothing is left
     */
    public static function afterCuts(int $length, array $cuts): self
    {
        usort($cuts, static fn (SampleRange $one, SampleRange $other): int => $one->from <=> $other->from);
        $ranges = [];
        $from = 0;
        foreach ($cuts as $cut) {
            if (min($cut->from, $length) > $from) {
                $ranges[] = new SampleRange($from, min($cut->from, $length));
            }
            $from = max($from, $cut->to);
        }
        if ($from < $length) {
            $ranges[] = new SampleRange($from, $length);
        }

        return $ranges === [] ? throw InvalidRecording::nothingLeft() : new self($ranges);
    }

    /** @return int samples */
    public function length(): int
    {
        return array_sum(array_map(static fn (SampleRange $range): int => $range->length(), $this->ranges));
    }

    /** @return int the sample of the take that is played at a place of what is kept; its end for what comes after */
    public function sampleAt(int $place): int
    {
        foreach ($this->ranges as $range) {
            if ($place < $range->length()) {
                return $range->from + $place;
            }
            $place -= $range->length();
        }

        return $this->ranges[count($this->ranges) - 1]->to;
    }

    /** @return list<SampleRange> what of the take is played from one place of what is kept to another */
    public function between(int $from, int $to): array
    {
        $found = [];
        $before = 0;
        foreach ($this->ranges as $range) {
            $first = max(0, $from - $before);
            $last = min($range->length(), $to - $before);
            if ($first < $last) {
                $found[] = new SampleRange($range->from + $first, $range->from + $last);
            }
            $before += $range->length();
        }

        return $found;
    }

    /** Where a moment of the take comes in the narration; a moment inside a cut falls on the join. */
    public function place(int $sample): int
    {
        $before = 0;
        foreach ($this->ranges as $range) {
            if ($sample < $range->to) {
                return $before + max(0, $sample - $range->from);
            }
            $before += $range->length();
        }

        return $before;
    }
}
