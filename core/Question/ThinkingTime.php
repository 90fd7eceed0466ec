<?php

declare(strict_types=1);

namespace Daybright\Question;

/** How long a pause point waits. */
final class ThinkingTime
{
    public const SHORTEST = 3;

    /**
     * A minute a mark and two to think (common practice in classrooms), unless the teacher sets a time; never under three seconds.
     *
     * @param  float|null  $own the teacher's own figure, in seconds
     * @return int seconds
     */
    public static function seconds(?float $own, int $marks): int
    {
        return max(self::SHORTEST, (int) round($own ?? $marks * 60 + 120));
    }
}
