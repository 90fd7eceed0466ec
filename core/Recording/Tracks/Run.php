<?php

declare(strict_types=1);

namespace Daybright\Recording\Tracks;

use Closure;

/** Things of which each lasts until the next one begins. */
final class Run
{
    /**
     * @template Value
     *
     * @param  list<array{float, Value|null}>  $starts in the order of time; null ends what was before and begins nothing
     * @param  Closure(float, float, Value): Interval  $interval
     * @return list<Interval> without those that last no time
     */
    public static function intervals(array $starts, float $ends, Closure $interval): array
    {
        $intervals = [];
        foreach ($starts as $index => [$from, $value]) {
            $to = $starts[$index + 1][0] ?? $ends;
            if ($to > $from && $value !== null) {
                $intervals[] = $interval($from, $to, $value);
            }
        }

        return $intervals;
    }
}
