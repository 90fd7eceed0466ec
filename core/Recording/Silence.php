<?php

declare(strict_types=1);

namespace Daybright\Recording;

/** Finds the quiet at both ends of a take. */
final class Silence
{
    /** Milliseconds each loudness value stands for. */
    public const WINDOW = 50;

    /** Kept before the first and after the last sound: quiet edges of words are lost otherwise. */
    private const MARGIN = 200;

    /**
     * The cuts that trim a take, from its loudness in windows of 50 ms.
     *
     * Loud is what lies 16 dB above the quietest tenth: a threshold that follows the room (measured, see docs/decisions).
     *
     * @param  list<float>  $loudness root mean square of each window, 0 to 1
     * @param  int  $length of the take in samples
     * @param  int  $seen until when there is something to see, in samples: the end is kept as far as this, however quiet
     * @return list<SampleRange>
     */
    public static function atTheEnds(array $loudness, int $length, int $seen = 0): array
    {
        if ($loudness === []) {
            return [];
        }
        $sorted = $loudness;
        sort($sorted);
        $floor = max($sorted[intdiv(count($sorted), 10)], 0.0003);
        $threshold = min($floor * 10 ** (16 / 20), max($sorted) / 2);
        $loud = array_keys(array_filter($loudness, static fn (float $value): bool => $value > $threshold));
        if ($loud === []) {
            return [];
        }
        $from = Clock::samples(max(0, min($loud) * self::WINDOW - self::MARGIN));
        $to = max($seen, Clock::samples((max($loud) + 1) * self::WINDOW + self::MARGIN));
        $cuts = [];
        if ($from > 0) {
            $cuts[] = new SampleRange(0, min($from, $length));
        }
        if ($to < $length) {
            $cuts[] = new SampleRange($to, $length);
        }

        return $cuts;
    }
}
