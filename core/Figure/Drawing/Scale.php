<?php

declare(strict_types=1);

namespace Daybright\Figure\Drawing;

/** A straight scale: from values to slide units, with ticks at round numbers. */
final readonly class Scale
{
    private function __construct(public float $least, public float $most, public float $step, private float $start, private float $end)
    {
    }

    /**
     * Wide enough for the values, ending on round numbers.
     *
     * @param  int  $about how many divisions it should have
     * @param  float  $start and $end: where its ends lie, in slide units
     * @param  float  $leastStep 1 where only whole numbers make sense, as for years
     */
    public static function covering(float $least, float $most, int $about, float $start, float $end, float $leastStep = 0): self
    {
        if ($most - $least < 1e-12 * max(1.0, abs($most))) {
            $least -= max(0.5, abs($least) * 0.1);
            $most += max(0.5, abs($most) * 0.1);
        }
        $step = max($leastStep, self::roundStep(($most - $least) / max(1, $about)));

        return new self(floor($least / $step + 1e-9) * $step, ceil($most / $step - 1e-9) * $step, $step, $start, $end);
    }

    /** Exactly from one value to the other. */
    public static function exactly(float $least, float $most, int $about, float $start, float $end): self
    {
        return new self($least, $most, self::roundStep(($most - $least) / max(1, $about)), $start, $end);
    }

    public function at(float $value): float
    {
        return $this->start + ($value - $this->least) / ($this->most - $this->least) * ($this->end - $this->start);
    }

    /** Slide units for one unit of value. */
    public function perUnit(): float
    {
        return abs($this->end - $this->start) / ($this->most - $this->least);
    }

    /** @return list<float> */
    public function ticks(): array
    {
        $ticks = [];
        $first = (int) ceil($this->least / $this->step - 1e-9);
        $last = (int) floor($this->most / $this->step + 1e-9);
        for ($number = $first; $number <= $last; $number++) {
            $ticks[] = $number * $this->step;
        }

        return $ticks;
    }

    public function written(float $value): string
    {
        $places = max(0, (int) ceil(-log10($this->step) - 1e-9));
        $number = number_format(abs($value), $places, '.', abs($value) >= 10000 ? "\u{202F}" : '');

        return ($value < -$this->step / 1000 ? '−' : '').$number;
    }

    /** 1, 2 or 5 times a power of ten. */
    private static function roundStep(float $rough): float
    {
        $power = 10 ** floor(log10(max($rough, 1e-12)));
        $digit = $rough / $power;

        return $power * match (true) {
            $digit <= 1.0 + 1e-9 => 1, $digit <= 2.0 + 1e-9 => 2, $digit <= 5.0 + 1e-9 => 5, default => 10
        };
    }
}
