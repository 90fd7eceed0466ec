<?php

declare(strict_types=1);

namespace Daybright\Figure\PlaneShape;

use Brick\Math\BigRational;
use Daybright\Figure\Fact;
use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\Reading;
use Daybright\Maths\Quantity;
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
            throw InvalidQuantities::because('Give one measure of the circle: its radius, diameter, circumference or area. The others follow.', $given[1] ?? 'radius');
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

        return new self(array_map(static fn (string $name): Fact => Fact::quantity($name, ...$measures[$name]), array_keys($measures)), $given, $unit);
    }

    public function kind(): string
    {
        return 'a circle';
    }

    public function corners(): array
    {
        $radius = $this->length('radius');

        return array_map(static fn (int $degrees): array => [$radius * cos(deg2rad($degrees)), $radius * sin(deg2rad($degrees))], range(0, 357, 3));
    }

    public function dimensions(): array
    {
        $radius = $this->length('radius');
        if (in_array('diameter', array_map(static fn (Fact $fact): string => $fact->name, $this->known()), true)) {
            return [[[-$radius, 0.0], [$radius, 0.0], 'diameter', $this->written('diameter')]];
        }

        return [[[0.0, 0.0], [$radius, 0.0], 'radius', $this->written('radius')]];
    }
}
