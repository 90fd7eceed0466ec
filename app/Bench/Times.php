<?php

declare(strict_types=1);

namespace App\Bench;

/** How long answers took, by what was asked, and what went wrong. */
final class Times
{
    /** @var array<string, list<float>> what was asked => milliseconds */
    private array $times = [];

    /** @var list<string> */
    public array $troubles = [];

    public function took(string $asked, float $milliseconds): void
    {
        $this->times[$asked][] = $milliseconds;
    }

    public function went(string $wrong): void
    {
        $this->troubles[] = $wrong;
    }

    /** @return list<string> */
    public function asked(): array
    {
        return array_keys($this->times);
    }

    public function count(string $asked): int
    {
        return count($this->times[$asked]);
    }

    /** @param  float  $share such as 0.95; the milliseconds within which so many of the answers came */
    public function within(string $asked, float $share): float
    {
        $times = $this->times[$asked];
        sort($times);

        return $times[max(0, (int) ceil($share * count($times)) - 1)] ?? 0.0;
    }
}
