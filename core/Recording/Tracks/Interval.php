<?php

declare(strict_types=1);

namespace Daybright\Recording\Tracks;

use Daybright\Recording\Clock;

/** From one moment up to and without another, in milliseconds of narration. */
abstract readonly class Interval
{
    public function __construct(public float $from, public float $to)
    {
    }

    /** The same at another time. */
    abstract public function during(float $from, float $to): static;

    /** The same, later by some samples of sound or, where the number is negative, earlier. */
    public function moved(int $samples): static
    {
        return $this->during(Clock::moved($this->from, $samples), Clock::moved($this->to, $samples));
    }

    /** @return array<string, mixed> what is so in the meantime, as a timeline keeps it */
    abstract protected function data(): array;

    /** @return array<string, mixed> */
    final public function toArray(): array
    {
        return ['from' => $this->from, 'to' => $this->to] + $this->data();
    }
}
