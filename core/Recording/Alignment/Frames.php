<?php

declare(strict_types=1);

namespace Daybright\Recording\Alignment;

/** Windows of speech as coefficients with mean 0 and variance 1 over what is spoken, so that two voices and rooms can be compared. */
final class Frames
{
    /** What is farther off than so many deviations says nothing more. */
    private const MOST = 3.0;

    /**
     * @param  list<float>  $coefficients MelFeatures::COUNT for every window
     * @param  string  $mask a 1 for every window with speech
     * @return list<float>
     */
    public static function normalised(array $coefficients, string $mask): array
    {
        $count = MelFeatures::COUNT;
        $sums = $squares = array_fill(0, $count, 0.0);
        $spoken = 0;
        $frames = strlen($mask);
        for ($t = 0; $t < $frames; $t++) {
            if ($mask[$t] === '1') {
                $spoken++;
                for ($c = 0, $o = $t * $count; $c < $count; $c++, $o++) {
                    $sums[$c] += $coefficients[$o];
                    $squares[$c] += $coefficients[$o] * $coefficients[$o];
                }
            }
        }
        $spoken = max(1, $spoken);
        $means = $scales = [];
        for ($c = 0; $c < $count; $c++) {
            $means[] = $sums[$c] / $spoken;
            $scales[] = 1 / sqrt(max(1e-6, $squares[$c] / $spoken - $means[$c] ** 2));
        }
        $normalised = [];
        for ($t = 0, $o = 0; $t < $frames; $t++) {
            for ($c = 0; $c < $count; $c++, $o++) {
                $normalised[] = max(-self::MOST, min(self::MOST, ($coefficients[$o] - $means[$c]) * $scales[$c]));
            }
        }

        return $normalised;
    }

    /**
     * The root of the mean square of the differences.
     *
     * @param  list<float>  $one
     * @param  list<float>  $other
     */
    public static function distance(array $one, int $t, array $other, int $j): float
    {
        $sum = 0.0;
        $o = $t * MelFeatures::COUNT;
        $q = $j * MelFeatures::COUNT;
        for ($c = 0; $c < MelFeatures::COUNT; $c++) {
            $difference = $one[$o + $c] - $other[$q + $c];
            $sum += $difference * $difference;
        }

        return sqrt($sum / MelFeatures::COUNT);
    }
}
