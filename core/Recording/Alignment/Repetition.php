<?php

declare(strict_types=1);

namespace Daybright\Recording\Alignment;

/**
 * Tells sentences that are begun again from words that are only drawn out: what one voice says twice is nearer to itself than to any
 * reference (measured, see docs/decisions/alignment.md).
 */
final class Repetition
{
    /** Windows under which a likeness tells nothing: 0.4 seconds. */
    private const LEAST = 20;

    /** How near, as a share of what speech that matches nothing costs. */
    private const NEAR = 0.75;

    /** How much longer the second time may take. */
    private const SLOWER = 1.5;

    /** @return list<int> first words of what is begun again on a path, but is not heard twice */
    public static function doubted(TakeFrames $take, ReferenceFrames $reference, SearchPath $path, SearchCosts $costs): array
    {
        $wordOf = $reference->words();
        $doubted = [];
        foreach ($path->restarts as [$t, $word]) {
            $said = self::saidBefore($path, $wordOf, $t, $word);
            $again = $t + 1;
            while (($path->frames[$again] ?? 0) < 0) {
                $again++;
            }
            $length = min($take->count - $again, (int) ceil(self::SLOWER * count($said)));
            $isHeardTwice = count($said) >= self::LEAST && $length > 0
                && Warp::of($take, $said, $take->features, $again, $length, $costs)->begun() <= self::NEAR * $costs->unmatched;
            if (! $isHeardTwice) {
                $doubted[] = $word;
            }
        }

        return $doubted;
    }

    /**
     * @param  list<int>  $wordOf every frame
     * @return list<int> windows before $t in which the word and those after it were said the first time
     */
    private static function saidBefore(SearchPath $path, array $wordOf, int $t, int $word): array
    {
        $said = [];
        for ($at = $t; $at >= 0; $at--) {
            $frame = $path->frames[$at];
            if ($frame < 0) {
                continue;
            }
            if ($wordOf[$frame] < $word) {
                break;
            }
            $said[] = $at;
        }

        return array_reverse($said);
    }
}
