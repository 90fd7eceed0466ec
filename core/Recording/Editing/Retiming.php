<?php

declare(strict_types=1);

namespace Daybright\Recording\Editing;

use Daybright\Recording\InvalidRecording;
use Daybright\Recording\Tracks\Tracks;

/** What was done in a take, at other moments than it was done, or not at all. */
final class Retiming
{
    /**
     * @param  list<array<string, mixed>>  $events as they were recorded
     * @param  array<int, float|null>  $moved milliseconds of the take by number of the event; null for what is taken out
     * @return list<array<string, mixed>> in the order of time
     */
    public static function apply(array $events, array $moved): array
    {
        if ($moved === []) {
            return $events;
        }
        foreach ($moved as $number => $at) {
            if (isset($events[$number]) && $at !== null) {
                $events[$number]['at'] = $at;
            }
        }
        $kept = array_values(array_diff_key($events, array_filter($moved, static fn (?float $at): bool => $at === null)));
        usort($kept, static fn (array $one, array $other): int => $one['at'] <=> $other['at']);

        return $kept;
    }

    /**
     * What follows something on the same track goes on following it: nothing is uncovered before it is covered.
     *
     * @param  list<array<string, mixed>>  $events as they were recorded
     * @param  array<int, float|null>  $moved
     * @param  float  $length of the take in milliseconds
     *
     * @throws InvalidRecording
     */
    public static function check(array $events, array $moved, float $length): void
    {
        $latest = [];
        foreach ($events as $number => $event) {
            $isMoved = array_key_exists($number, $moved);
            $at = $isMoved ? $moved[$number] : $event['at'];
            $track = Tracks::ofEvent(is_string($event['kind']) ? $event['kind'] : '');
            if ($at === null || $track === null) {
                continue;
            }
            if ($isMoved && ($at < 0 || $at > $length)) {
                throw InvalidRecording::beyondTake();
            }
            [$before, $wasMoved] = $latest[$track] ?? [0.0, false];
            if ($at < $before && ($isMoved || $wasMoved)) {
                throw InvalidRecording::outOfOrder();
            }
            $latest[$track] = [$at, $isMoved];
        }
    }
}
