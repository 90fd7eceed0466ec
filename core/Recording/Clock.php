<?php

declare(strict_types=1);

namespace Daybright\Recording;

/** Sound is counted in samples, events and pictures in milliseconds. */
final class Clock
{
    public const RATE = 48000;

    public static function samples(float $milliseconds): int
    {
        return (int) round($milliseconds * self::RATE / 1000);
    }

    public static function milliseconds(int $samples): float
    {
        return $samples * 1000 / self::RATE;
    }

    /** @return float milliseconds, later by some samples and exact to a sample wherever it is moved to */
    public static function moved(float $milliseconds, int $samples): float
    {
        return round(self::milliseconds(self::samples($milliseconds) + $samples), 3);
    }
}
