<?php

declare(strict_types=1);

namespace Daybright\Figure\PolarGraph;

/** r = a ± b cos θ or r = a ± b sin θ: four families by how a compares with b (standard calculus tables). */
final readonly class Limacon
{
    public const FAMILIES = ['a limaçon with an inner loop', 'a cardioid', 'a dimpled limaçon', 'a convex limaçon'];

    private function __construct(private float $a, private float $b)
    {
    }

    /** Found from its values, however the formula is written; null for any other curve. */
    public static function recognise(PolarCurve $curve): ?self
    {
        $a = ($curve->at(0) + $curve->at(180)) / 2;
        $cosine = ($curve->at(0) - $curve->at(180)) / 2;
        $sine = ($curve->at(90) - $curve->at(270)) / 2;
        if (
            ! is_finite($a + $cosine + $sine)
            || abs($a) < 1e-9
            || abs($cosine) > 1e-9 && abs($sine) > 1e-9
            || abs($cosine) + abs($sine) < 1e-9
        ) {
            return null;
        }
        for ($degrees = 0; $degrees < 360; $degrees += 11) {
            if (abs($curve->at($degrees) - $a - $cosine * cos(deg2rad($degrees)) - $sine * sin(deg2rad($degrees))) > 1e-9) {
                return null;
            }
        }

        return new self(abs($a), abs($cosine) + abs($sine));
    }

    public function hasLoop(): bool
    {
        return $this->a < $this->b - 1e-9;
    }

    public function family(): string
    {
        return match (true) {
            $this->hasLoop() => self::FAMILIES[0],
            abs($this->a - $this->b) < 1e-9 => self::FAMILIES[1],
            $this->a < 2 * $this->b - 1e-9 => self::FAMILIES[2],
            default => self::FAMILIES[3],
        };
    }
}
