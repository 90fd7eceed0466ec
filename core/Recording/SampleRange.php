<?php

declare(strict_types=1);

namespace Daybright\Recording;

/** A piece of a take, in samples; the end is not part of it. */
final readonly class SampleRange
{
    public function __construct(public int $from, public int $to)
    {
        if ($from < 0 || $to <= $from) {
            throw InvalidRecording::badCut();
        }
    }

    public function length(): int
    {
        return $this->to - $this->from;
    }

    /** @return array{from: int, to: int} as it is kept */
    public function toArray(): array
    {
        return ['from' => $this->from, 'to' => $this->to];
    }

    /** What of it lies from one sample up to another; null where nothing does. */
    public function within(int $from, int $to): ?self
    {
        [$first, $last] = [max($this->from, $from), min($this->to, $to)];

        return $first < $last ? new self($first, $last) : null;
    }

    /** @return bool whether they have a sample in common */
    public function meets(self $other): bool
    {
        return $this->from < $other->to && $other->from < $this->to;
    }
}
