<?php

declare(strict_types=1);

namespace Daybright\Recording\Alignment;

/**
 * Thirteen mel-frequency cepstral coefficients for every window of 25 ms, and its energy.
 *
 * After S. Davis and P. Mermelstein, “Comparison of parametric representations for monosyllabic word recognition in continuously
 * spoken sentences”, IEEE Transactions on Acoustics, Speech and Signal Processing 28 (1980).
 */
final class MelFeatures
{
    /** Samples a second. */
    public const RATE = 16_000;

    /** Samples of a window. */
    public const WINDOW = 400;

    /** Samples from one window to the next: 20 ms. */
    public const HOP = 320;

    public const COUNT = 13;

    private const FILTERS = 24;

    /** Points of the transform; the window is filled up with zeros. */
    private const POINTS = 512;

    private const HALF = 256;

    private const LOWEST = 100.0;

    private const HIGHEST = 6800.0;

    private const EMPHASIS = 0.97;

    /** So that silence has a logarithm. */
    private const FLOOR = 1000.0;

    /** @var list<float> */
    private array $hamming = [];

    /** @var list<float> cosines and sines of the transform of half the points, and of its unravelling */
    private array $cosines = [];

    /** @var list<float> */
    private array $sines = [];

    /** @var list<float> */
    private array $turnCosines = [];

    /** @var list<float> */
    private array $turnSines = [];

    /** @var list<int> bits turned round */
    private array $reversed = [];

    /** @var list<int> first point of each filter */
    private array $firsts = [];

    /** @var list<list<float>> */
    private array $weights = [];

    /** @var list<float> */
    private array $cosineTransform = [];

    public function __construct()
    {
        for ($i = 0; $i < self::WINDOW; $i++) {
            $this->hamming[] = 0.54 - 0.46 * cos(2 * M_PI * $i / (self::WINDOW - 1));
        }
        for ($i = 0; $i < self::HALF / 2; $i++) {
            $this->cosines[] = cos(2 * M_PI * $i / self::HALF);
            $this->sines[] = -sin(2 * M_PI * $i / self::HALF);
        }
        for ($i = 0; $i <= self::HALF; $i++) {
            $this->turnCosines[] = cos(2 * M_PI * $i / self::POINTS);
            $this->turnSines[] = -sin(2 * M_PI * $i / self::POINTS);
        }
        for ($i = 0; $i < self::HALF; $i++) {
            $turned = 0;
            for ($bit = 0; $bit < 8; $bit++) {
                $turned |= ($i >> $bit & 1) << (7 - $bit);
            }
            $this->reversed[] = $turned;
        }
        $this->makeFilters();
        for ($c = 0; $c < self::COUNT; $c++) {
            for ($m = 0; $m < self::FILTERS; $m++) {
                $this->cosineTransform[] = cos(M_PI * $c * ($m + 0.5) / self::FILTERS) * sqrt(2 / self::FILTERS);
            }
        }
    }

    /**
     * @param  string  $sound 16 bit, little end first, mono, at RATE
     * @return array{list<float>, list<float>} COUNT coefficients for every window one after the other, and decibels of every window
     */
    public function of(string $sound): array
    {
        $frames = max(0, intdiv(intdiv(strlen($sound), 2) - self::WINDOW, self::HOP) + 1);
        // In local variables: they are read some millions of times.
        [$cosines, $sines, $turnCosines, $turnSines] = [$this->cosines, $this->sines, $this->turnCosines, $this->turnSines];
        [$hamming, $reversed, $firsts, $weights, $transform] = [
            $this->hamming, $this->reversed, $this->firsts, $this->weights, $this->cosineTransform,
        ];
        $real = $imaginary = array_fill(0, self::HALF, 0.0);
        $power = array_fill(0, self::HALF + 1, 0.0);
        $logs = array_fill(0, self::FILTERS, 0.0);
        $coefficients = $decibels = [];
        for ($t = 0; $t < $frames; $t++) {
            /** @var array<int, int> $samples counted from 1 */
            $samples = unpack('s'.self::WINDOW, $sound, $t * self::HOP * 2);
            $energy = 0.0;
            $before = (float) $samples[1];
            for ($i = 0; $i < self::HALF; $i++) {
                $even = $odd = 0.0;
                $k = 2 * $i;
                if ($k < self::WINDOW) {
                    $value = (float) $samples[$k + 1];
                    $even = ($value - self::EMPHASIS * $before) * $hamming[$k];
                    $energy += $value * $value;
                    $before = $value;
                    $value = (float) $samples[$k + 2];
                    $odd = ($value - self::EMPHASIS * $before) * $hamming[$k + 1];
                    $energy += $value * $value;
                    $before = $value;
                }
                $r = $reversed[$i];
                $real[$r] = $even;
                $imaginary[$r] = $odd;
            }
            for ($length = 2; $length <= self::HALF; $length <<= 1) {
                $half = $length >> 1;
                $stride = intdiv(self::HALF, $length);
                for ($j = 0, $w = 0; $j < $half; $j++, $w += $stride) {
                    $wr = $cosines[$w];
                    $wi = $sines[$w];
                    for ($k = $j; $k < self::HALF; $k += $length) {
                        $q = $k + $half;
                        $vr = $real[$q] * $wr - $imaginary[$q] * $wi;
                        $vi = $real[$q] * $wi + $imaginary[$q] * $wr;
                        $ur = $real[$k];
                        $ui = $imaginary[$k];
                        $real[$q] = $ur - $vr;
                        $imaginary[$q] = $ui - $vi;
                        $real[$k] = $ur + $vr;
                        $imaginary[$k] = $ui + $vi;
                    }
                }
            }
            for ($k = 0; $k <= self::HALF; $k++) {
                $one = $k & 255;
                $other = (256 - $k) & 255;
                $ar = ($real[$one] + $real[$other]) * 0.5;
                $ai = ($imaginary[$one] - $imaginary[$other]) * 0.5;
                $br = ($imaginary[$one] + $imaginary[$other]) * 0.5;
                $bi = ($real[$other] - $real[$one]) * 0.5;
                $xr = $ar + $br * $turnCosines[$k] - $bi * $turnSines[$k];
                $xi = $ai + $br * $turnSines[$k] + $bi * $turnCosines[$k];
                $power[$k] = $xr * $xr + $xi * $xi;
            }
            for ($m = 0; $m < self::FILTERS; $m++) {
                $k = $firsts[$m];
                $sum = self::FLOOR;
                foreach ($weights[$m] as $weight) {
                    $sum += $weight * $power[$k++];
                }
                $logs[$m] = log($sum);
            }
            for ($c = 0; $c < self::COUNT; $c++) {
                $sum = 0.0;
                $o = $c * self::FILTERS;
                for ($m = 0; $m < self::FILTERS; $m++) {
                    $sum += $transform[$o + $m] * $logs[$m];
                }
                $coefficients[] = $sum;
            }
            $decibels[] = 10 * log10($energy / self::WINDOW + 0.1);
        }

        return [$coefficients, $decibels];
    }

    private function makeFilters(): void
    {
        $mel = static fn (float $hertz): float => 1127 * log(1 + $hertz / 700);
        $hertz = static fn (float $mel): float => 700 * (exp($mel / 1127) - 1);
        [$low, $high] = [$mel(self::LOWEST), $mel(self::HIGHEST)];
        $points = [];
        for ($i = 0; $i <= self::FILTERS + 1; $i++) {
            $points[] = $hertz($low + ($high - $low) * $i / (self::FILTERS + 1)) * self::POINTS / self::RATE;
        }
        for ($m = 0; $m < self::FILTERS; $m++) {
            [$left, $middle, $right] = [$points[$m], $points[$m + 1], $points[$m + 2]];
            $this->firsts[] = (int) ceil($left);
            $weights = [];
            for ($k = (int) ceil($left); $k < $right; $k++) {
                $weights[] = $k <= $middle ? ($k - $left) / ($middle - $left) : ($right - $k) / ($right - $middle);
            }
            $this->weights[] = $weights;
        }
    }
}
