<?php

declare(strict_types=1);

namespace Daybright\Recording\Tracks;

/** From one moment up to and without another, in milliseconds of narration. */
abstract readonly class Interval
{
    public function __construct(public float $from, public float $to)
    {
    }

    /** @return array<string, mixed> what is so in the meantime, as a timeline keeps it */
    abstract protected function data(): array;

    /** @return array<string, mixed> */
    final public function toArray(): array
    {
        return ['from' => $this->from, 'to' => $this->to] + $this->data();
    }
}
