<?php

declare(strict_types=1);

namespace Daybright\Recording;

/** Finds the hum of the mains in a sound: 50 or 60 hertz and multiples of it, heard best where nobody speaks. */
final class Hum
{
    /** Samples a second of the sound that is looked at. */
    public const RATE = 1000;

    /** Samples that are looked at together: half a second, which tells tones 2 hertz apart. */
    private const WINDOW = 500;

    private const HARMONICS = 5;

    private const MAINS = [50, 60];

    /** Decibels by which a tone stands out from those beside it. */
    private const STANDS_OUT = 10.0;

    /** The share of a sound, the quietest, that is looked at. */
    private const QUIET = 0.2;

    /** Hertz from a tone to those that it is compared with. */
    private const BESIDE = [-10, -8, -6, 6, 8, 10];

    /**
     * @param  list<float>  $samples 1000 a second, one channel
     * @return list<int> hertz of the tones that are heard, the lowest first; none where there is no hum
     */
    public static function find(array $samples): array
    {
        $quiet = self::quiet($samples);
        $best = [];
        foreach (self::MAINS as $mains) {
            $tones = array_map(static fn (int $harmonic): int => $mains * $harmonic, range(1, self::HARMONICS));
            $heard = array_values(array_filter($tones, static fn (int $tone): bool => self::isHeard($quiet, $tone)));
            // Voices have tones everywhere: hum is told by its lowest ones.
            $isHum = array_intersect([$mains, 2 * $mains], $heard) !== [];
            $best = $isHum && count($heard) > count($best) ? $heard : $best;
        }

        return $best;
    }

    /** @param  list<list<float>>  $windows */
    private static function isHeard(array $windows, int $hertz): bool
    {
        $beside = array_map(static fn (int $by): float => self::power($windows, $hertz + $by), self::BESIDE);
        sort($beside);
        $middle = max(1e-14, ($beside[2] + $beside[3]) / 2);

        return 10 * log10(max(1e-14, self::power($windows, $hertz)) / $middle) > self::STANDS_OUT;
    }

    /**
     * The power of one tone, after Goertzel (1958), at the middle of all stretches: a word that slips into one does no harm.
     *
     * @param  list<list<float>>  $windows
     */
    private static function power(array $windows, int $hertz): float
    {
        $turn = 2 * cos(2 * M_PI * $hertz / self::RATE);
        $powers = [];
        foreach ($windows as $window) {
            $one = $two = 0.0;
            foreach ($window as $sample) {
                [$one, $two] = [$sample + $turn * $one - $two, $one];
            }
            $powers[] = ($one * $one + $two * $two - $turn * $one * $two) / self::WINDOW ** 2;
        }
        sort($powers);

        return $powers[intdiv(count($powers), 2)] ?? 0.0;
    }

    /**
     * @param  list<float>  $samples
     * @return list<list<float>> the quietest stretches, each faded at its ends so that tones keep to themselves
     */
    private static function quiet(array $samples): array
    {
        $windows = [];
        for ($from = 0; $from + self::WINDOW <= count($samples); $from += intdiv(self::WINDOW, 2)) {
            $windows[] = array_slice($samples, $from, self::WINDOW);
        }
        usort($windows, static fn (array $one, array $other): int => self::energy($one) <=> self::energy($other));

        return array_map(self::faded(...), array_slice($windows, 0, max(1, (int) ceil(self::QUIET * count($windows)))));
    }

    /** @param  list<float>  $window */
    private static function energy(array $window): float
    {
        return array_sum(array_map(static fn (float $sample): float => $sample * $sample, $window));
    }

    /**
     * @param  list<float>  $window
     * @return list<float> weighed after von Hann
     */
    private static function faded(array $window): array
    {
        return array_map(
            static fn (float $sample, int $at): float => $sample * (0.5 - 0.5 * cos(2 * M_PI * $at / self::WINDOW)),
            $window,
            array_keys($window),
        );
    }
}
