<?php

declare(strict_types=1);

namespace Daybright\Recording\Alignment;

/** Brings the reference voice nearer to the teacher's: one affine map for all of it, and a shift for every phoneme. */
final class Adaptation
{
    /** Windows of half a second, of which the better four fifths are learned from. */
    private const STRETCH = 25;

    private const SHARE = 0.8;

    /** Windows under which nothing is learned. */
    private const LEAST = 200;

    /** How strongly the map is held near to none. */
    private const RIDGE = 0.05;

    /** How many windows of a phoneme weigh as much as knowing nothing. */
    private const PRIOR = 15;

    public static function of(TakeFrames $take, ReferenceFrames $reference, SearchPath $path): ReferenceFrames
    {
        $pairs = self::learned($take, $reference, $path);
        if (count($pairs) < self::LEAST) {
            return $reference;
        }
        $features = self::mapped($reference, self::map($take, $reference, $pairs));

        return $reference->adapted(self::shifted($take, $reference, $pairs, $features));
    }

    /** @return array<int, int> frame of the reference by window, of the stretches that match best */
    private static function learned(TakeFrames $take, ReferenceFrames $reference, SearchPath $path): array
    {
        $costs = [];
        $stretches = array_chunk($path->frames, self::STRETCH, true);
        foreach ($stretches as $number => $stretch) {
            $spoken = array_filter($stretch, static fn (int $frame): bool => $frame >= 0);
            $sum = 0.0;
            foreach ($spoken as $t => $frame) {
                $sum += Frames::distance($take->features, $t, $reference->features, $frame);
            }
            if ($spoken !== []) {
                $costs[$number] = $sum / count($spoken);
            }
        }
        $sorted = array_values($costs);
        sort($sorted);
        $limit = $sorted[(int) (count($sorted) * self::SHARE)] ?? 0.0;
        $pairs = [];
        foreach ($costs as $number => $cost) {
            if ($cost <= $limit) {
                $pairs += array_filter($stretches[$number], static fn (int $frame): bool => $frame >= 0);
            }
        }

        return $pairs;
    }

    /**
     * By least squares, with a ridge towards leaving it as it is.
     *
     * @param  array<int, int>  $pairs
     * @return list<list<float>> a row for every coefficient of the reference and one for the constant, a column for every one of the take
     */
    private static function map(TakeFrames $take, ReferenceFrames $reference, array $pairs): array
    {
        $n = MelFeatures::COUNT;
        $left = array_fill(0, $n + 1, array_fill(0, $n + 1, 0.0));
        $right = array_fill(0, $n + 1, array_fill(0, $n, 0.0));
        foreach ($pairs as $t => $frame) {
            $row = [...array_slice($reference->features, $frame * $n, $n), 1.0];
            $wanted = array_slice($take->features, $t * $n, $n);
            for ($a = 0; $a <= $n; $a++) {
                $value = $row[$a];
                for ($b = 0; $b <= $n; $b++) {
                    $left[$a][$b] += $value * $row[$b];
                }
                for ($c = 0; $c < $n; $c++) {
                    $right[$a][$c] += $value * $wanted[$c];
                }
            }
        }
        $ridge = self::RIDGE * count($pairs);
        for ($a = 0; $a < $n; $a++) {
            $left[$a][$a] += $ridge;
            $right[$a][$a] += $ridge;
        }

        return self::solved($left, $right);
    }

    /**
     * Gaussian elimination; the ridge keeps every pivot away from zero.
     *
     * @param  array<int, array<int, float>>  $left
     * @param  array<int, array<int, float>>  $right
     * @return list<list<float>>
     */
    private static function solved(array $left, array $right): array
    {
        $size = count($left);
        for ($p = 0; $p < $size; $p++) {
            for ($r = $p + 1; $r < $size; $r++) {
                $times = $left[$r][$p] / $left[$p][$p];
                for ($c = $p; $c < $size; $c++) {
                    $left[$r][$c] -= $times * $left[$p][$c];
                }
                foreach ($right[$r] as $c => $value) {
                    $right[$r][$c] = $value - $times * $right[$p][$c];
                }
            }
        }
        $solution = [];
        for ($p = $size - 1; $p >= 0; $p--) {
            foreach ($right[$p] as $c => $value) {
                for ($q = $p + 1; $q < $size; $q++) {
                    $value -= $left[$p][$q] * $solution[$q][$c];
                }
                $solution[$p][$c] = $value / $left[$p][$p];
            }
        }
        ksort($solution);

        return array_values(array_map(array_values(...), $solution));
    }

    /**
     * @param  list<list<float>>  $map
     * @return list<float>
     */
    private static function mapped(ReferenceFrames $reference, array $map): array
    {
        $n = MelFeatures::COUNT;
        $features = [];
        for ($frame = 0; $frame < $reference->count; $frame++) {
            for ($c = 0; $c < $n; $c++) {
                $value = $map[$n][$c];
                for ($a = 0; $a < $n; $a++) {
                    $value += $reference->features[$frame * $n + $a] * $map[$a][$c];
                }
                $features[] = $value;
            }
        }

        return $features;
    }

    /**
     * @param  array<int, int>  $pairs
     * @param  list<float>  $features
     * @return list<float>
     */
    private static function shifted(TakeFrames $take, ReferenceFrames $reference, array $pairs, array $features): array
    {
        $n = MelFeatures::COUNT;
        $sums = $counts = [];
        foreach ($pairs as $t => $frame) {
            $phoneme = $reference->phonemes[$frame];
            $sums[$phoneme] ??= array_fill(0, $n, 0.0);
            $counts[$phoneme] = ($counts[$phoneme] ?? 0) + 1;
            for ($c = 0; $c < $n; $c++) {
                $sums[$phoneme][$c] += $take->features[$t * $n + $c] - $features[$frame * $n + $c];
            }
        }
        unset($sums['?']);
        foreach ($reference->phonemes as $frame => $phoneme) {
            foreach ($sums[$phoneme] ?? [] as $c => $sum) {
                $features[$frame * $n + $c] += $sum / ($counts[$phoneme] + self::PRIOR);
            }
        }

        return array_values($features);
    }
}
