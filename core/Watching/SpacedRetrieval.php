<?php

declare(strict_types=1);

namespace Daybright\Watching;

/** Which earlier lessons are asked about again: at growing distances (common practice in spaced retrieval). */
final class SpacedRetrieval
{
    /** Lessons back. */
    private const DISTANCES = [1, 3, 7];

    /**
     * @template Lesson
     *
     * @param  list<Lesson>  $earlier lessons of the series, in order, without the one that is to ask
     * @return list<Lesson> the nearest first
     */
    public static function from(array $earlier): array
    {
        $back = array_reverse($earlier);

        return array_values(array_filter(array_map(static fn (int $distance): mixed => $back[$distance - 1] ?? null, self::DISTANCES)));
    }
}
