<?php

declare(strict_types=1);

namespace Daybright\Figure\PlaneShape;

use Brick\Math\BigRational;
use Daybright\Figure\Chance;
use Daybright\Figure\Fact;
use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\Reading;
use Daybright\Figure\Variation;
use Daybright\Maths\Quantity;
use Daybright\Maths\SignificantFigures;
use Daybright\Maths\Unit;

/** A circle of which one measure is known: radius, diameter, circumference or area. */
final readonly class Circle extends Measured
{
    private const PI = '3.141592653589793';

    /** @throws InvalidQuantities */
    public static function from(Reading $reading, Unit $unit): self
    {
        $given = array_values(array_filter(['radius', 'diameter', 'circumference', 'area'], $reading->has(...)));
        if (count($given) !== 1) {
            throw InvalidQuantities::because(
                'Give one measure of the circle: its radius, diameter, circumference or area. The others follow.',
                $given[1] ?? 'radius',
            );
        }
        $amount = Quantity::of($reading->amount($given[0], 'The '.$given[0], $given[0] === 'area' ? $unit->power(2) : $unit)->value);
        $pi = new Quantity(BigRational::of(self::PI), Unit::none(), false);
        $radius = match ($given[0]) {
            'radius' => $amount,
            'diameter' => $amount->over(Quantity::of(2)),
            'circumference' => $amount->over($pi->times(Quantity::of(2))),
            default => $amount->over($pi)->root(),
        };
        $in = static fn (Quantity $number, int $power = 1): Quantity => new Quantity($number->value, $unit->power($power), $number->exact);
        $measures = [
            'radius' => [$in($radius), 'the radius'],
            'diameter' => [$in($radius->times(Quantity::of(2))), 'the diameter'],
            'circumference' => [$in($radius->times($pi)->times(Quantity::of(2))), 'the circumference'],
            'area' => [$in($radius->times($radius)->times($pi), 2), 'the area'],
        ];
        // What was typed stays exactly as it was typed.
        $measures[$given[0]][0] = $in($amount, $given[0] === 'area' ? 2 : 1);

        return new self(
            array_map(static fn (string $name): Fact => Fact::quantity($name, ...$measures[$name]), array_keys($measures)),
            $given,
            $unit,
        );
    }

    public function kind(): string
    {
        return 'a circle';
    }

    public function corners(): array
    {
        $radius = $this->length('radius');

        return array_map(
            static fn (int $degrees): array => [$radius * cos(deg2rad($degrees)), $radius * sin(deg2rad($degrees))],
            range(0, 357, 3),
        );
    }

    public function dimensions(): array
    {
        $radius = $this->length('radius');
        if (in_array('diameter', array_map(static fn (Fact $fact): string => $fact->name, $this->known()), true)) {
            return [[[-$radius, 0.0], [$radius, 0.0], 'diameter', $this->written('diameter')]];
        }

        return [[[0.0, 0.0], [$radius, 0.0], 'radius', $this->written('radius')]];
    }

    /** Level 1 asks for the circumference from the diameter, level 2 for the area, level 3 for the radius from the circumference. */
    public function vary(Chance $chance, int $level): Variation
    {
        $radius = $chance->whole(2, 8 + 4 * $level);
        $pi = new Quantity(BigRational::of(self::PI), Unit::none(), false);
        $times = static fn (int|BigRational $number, Unit $unit): Quantity => $pi->times(Quantity::of($number, $unit));
        [$length, $square] = [$this->unit(), $this->unit()->power(2)];
        $quantities = ['shape' => 'circle', 'unit' => $length->symbol()];
        if ($level === 1) {
            return Variation::rounded(
                $quantities + ['diameter' => (string) (2 * $radius)],
                "A circle has a diameter of {$this->in(2 * $radius)->written()}. What is its circumference?",
                $times(2 * $radius, $length),
                [
                    'The diameter was taken for the radius.' => $times(4 * $radius, $length),
                    'The diameter was halved: this is half way round.' => $times($radius, $length),
                    'This is the area.' => $times($radius ** 2, $square),
                    'π was left out.' => $this->in(2 * $radius),
                ],
            );
        }
        if ($level === 2) {
            return Variation::rounded(
                $quantities + ['radius' => (string) $radius],
                "A circle has a radius of {$this->in($radius)->written()}. What is its area?",
                $times($radius ** 2, $square),
                [
                    'The radius was doubled instead of squared.' => $times(2 * $radius, $square),
                    'The diameter was squared.' => $times(4 * $radius ** 2, $square),
                    'π was left out.' => $this->in($radius ** 2, 2),
                    'The unit of an area is a square.' => $times($radius ** 2, $length),
                ],
            );
        }
        $around = SignificantFigures::round($times(2 * $radius, $length), Variation::FIGURES);

        return Variation::rounded(
            $quantities + ['circumference' => $around->typedNumber()],
            "The circumference of a circle is {$around->written()}. What is its radius?",
            $around->over($pi)->over(Quantity::of(2)),
            [
                'This is the diameter.' => $around->over($pi),
                'It was multiplied by π instead of divided.' => $around->times($pi)->over(Quantity::of(2)),
                'π was left out.' => $around->over(Quantity::of(2)),
            ],
        );
    }
}
