<?php

declare(strict_types=1);

namespace Daybright\Recording;

/** What is heard of a take: all of it less the cuts. */
final readonly class Heard
{
    /** @param  non-empty-list<Stretch>  $stretches in order, not touching */
    private function __construct(public array $stretches)
    {
    }

    /**
     * @param  list<Stretch>  $cuts in any order; they may overlap
     *
     * @throws InvalidRecording when nothing is left
     */
    public static function of(int $length, array $cuts): self
    {
        usort($cuts, static fn (Stretch $one, Stretch $other): int => $one->from <=> $other->from);
        $stretches = [];
        $from = 0;
        foreach ($cuts as $cut) {
            if (min($cut->from, $length) > $from) {
                $stretches[] = new Stretch($from, min($cut->from, $length));
            }
            $from = max($from, $cut->to);
        }
        if ($from < $length) {
            $stretches[] = new Stretch($from, $length);
        }

        return $stretches === [] ? throw InvalidRecording::nothingLeft() : new self($stretches);
    }

    /** @return int samples */
    public function length(): int
    {
        return array_sum(array_map(static fn (Stretch $stretch): int => $stretch->length(), $this->stretches));
    }

    /** Where a moment of the take is heard; a moment inside a cut falls on the join. */
    public function place(int $sample): int
    {
        $before = 0;
        foreach ($this->stretches as $stretch) {
            if ($sample < $stretch->to) {
                return $before + max(0, $sample - $stretch->from);
            }
            $before += $stretch->length();
        }

        return $before;
    }
}
