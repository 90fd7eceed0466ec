<?php

declare(strict_types=1);

namespace App\Adapters;

use Closure;

/** Lets the queue know, while long work goes on, that the worker is alive. */
final class Heartbeat
{
    /** Seconds. */
    private const BETWEEN = 5.0;

    private static ?Closure $sign = null;

    private static float $last = 0.0;

    /**
     * @template T
     *
     * @param  Closure(): void  $sign given every few seconds
     * @param  Closure(): T  $work
     * @return T
     */
    public static function during(Closure $sign, Closure $work): mixed
    {
        self::$sign = $sign;
        self::$last = microtime(true);
        try {
            return $work();
        } finally {
            self::$sign = null;
        }
    }

    /** To be called often by whatever takes long; costs nothing outside a job. */
    public static function beat(): void
    {
        if (self::$sign === null || microtime(true) - self::$last < self::BETWEEN) {
            return;
        }
        self::$last = microtime(true);
        (self::$sign)();
    }
}
