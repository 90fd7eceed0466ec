<?php

declare(strict_types=1);

namespace Daybright\Recording\Alignment;

/** How near a take is to its script where they match, and how near other sentences are to each other. */
final readonly class Calibration
{
    /** Windows under which a sentence tells nothing. */
    private const LEAST = 20;

    /** Sentences that are looked at. */
    private const ASKED = 8;

    private const MOST = 5.0;

    private function __construct(public float $matched, public float $unmatched)
    {
    }

    /** Whether it is this script that is spoken: a matched stretch is clearly nearer than any other (measured). */
    public function isThisScript(): bool
    {
        return $this->unmatched >= 1.15 * $this->matched;
    }

    public static function of(TakeFrames $take, ReferenceFrames $reference, Script $script, SearchPath $path, SearchCosts $costs): self
    {
        $bounds = [];
        foreach ($script->words as $number => $word) {
            $bounds[$word->sentence] ??= $reference->starts[$number];
        }
        $bounds = [...array_values($bounds), $reference->count];
        /** @var list<list<int>> $windows of the take in which each sentence is said */
        $windows = array_fill(0, count($bounds) - 1, []);
        $sentence = 0;
        foreach ($path->frames as $t => $frame) {
            if ($frame >= 0) {
                for ($sentence = 0; $frame >= $bounds[$sentence + 1]; $sentence++);
                $windows[$sentence][] = $t;
            }
        }
        $matched = $unmatched = [];
        // Some sentences, evenly spread, tell as much as all of them.
        $every = max(1, intdiv(count($windows), self::ASKED));
        foreach ($windows as $sentence => $own) {
            if ($sentence % $every !== 0) {
                continue;
            }
            $length = $bounds[$sentence + 1] - $bounds[$sentence];
            if (count($own) > self::LEAST) {
                $matched[] = Warp::of($take, $own, $reference->features, $bounds[$sentence], $length, $costs)->whole();
            }
            $other = self::ofLength(1.15 * $length, array_diff_key($windows, [$sentence => true]));
            if ($other !== null) {
                $unmatched[] = Warp::of($take, $other, $reference->features, $bounds[$sentence], $length, $costs)->whole();
            }
        }

        return new self(self::middle($matched, 1.0), self::middle($unmatched, 1.3));
    }

    /**
     * The windows of the sentence whose length is nearest to one.
     *
     * @param  array<int, list<int>>  $windows
     * @return list<int>|null
     */
    private static function ofLength(float $length, array $windows): ?array
    {
        $nearest = null;
        foreach ($windows as $each) {
            if (count($each) >= self::LEAST && ($nearest === null || abs(count($each) - $length) < abs(count($nearest) - $length))) {
                $nearest = $each;
            }
        }

        return $nearest;
    }

    /** @param  list<float>  $costs */
    private static function middle(array $costs, float $otherwise): float
    {
        $known = array_values(array_filter($costs, static fn (float $cost): bool => $cost < self::MOST));
        sort($known);

        return $known[intdiv(count($known), 2)] ?? $otherwise;
    }
}
