<?php

declare(strict_types=1);

namespace App\Bench;

/** What processors have worked. */
final class Cpu
{
    /** @return float seconds of this process and of those it has waited for */
    public static function seconds(): float
    {
        $total = 0.0;
        foreach ([0, 1] as $who) {
            $usage = getrusage($who) ?: [];
            foreach (['ru_utime', 'ru_stime'] as $kind) {
                $total += ($usage["{$kind}.tv_sec"] ?? 0) + ($usage["{$kind}.tv_usec"] ?? 0) / 1e6;
            }
        }

        return $total;
    }
}
