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

/** A right triangle of which two measures are known: two of base, height, longest side and area. */
final readonly class RightTriangle extends Measured
{
    /** Whole legs with a whole longest side (Euclid, Elements X.29 gives the rule). */
    private const TRIPLES = [[3, 4, 5], [5, 12, 13], [8, 15, 17], [7, 24, 25], [20, 21, 29], [12, 35, 37]];

    /** @throws InvalidQuantities */
    public static function from(Reading $reading, Unit $unit): self
    {
        $given = array_values(array_filter(['base', 'height', 'hypotenuse', 'area'], $reading->has(...)));
        if (count($given) !== 2 || $given === ['hypotenuse', 'area']) {
            throw InvalidQuantities::because(
                'Give exactly two measures of the right triangle, the base or the height among them. The others follow.',
                $given[2] ?? 'base',
            );
        }
        $value = static fn (string $name): Quantity => Quantity::of(
            $reading->amount(
                $name,
                'The '.($name === 'hypotenuse' ? 'longest side' : $name),
                $name === 'area' ? $unit->power(2) : $unit,
            )->value,
        );
        [$base, $height] = match ($given) {
            ['base', 'height'] => [$value('base'), $value('height')],
            ['base', 'hypotenuse'] => [$value('base'), self::leg($value('hypotenuse'), $value('base'))],
            ['height', 'hypotenuse'] => [self::leg($value('hypotenuse'), $value('height')), $value('height')],
            ['base', 'area'] => [$value('base'), $value('area')->times(Quantity::of(2))->over($value('base'))],
            default => [$value('area')->times(Quantity::of(2))->over($value('height')), $value('height')],
        };
        ShapeDrawing::refuseLine([$base->value->toFloat(), $height->value->toFloat()]);
        $longest = in_array('hypotenuse', $given, true) ? $value('hypotenuse') : self::squared($base)->plus(self::squared($height))->root();
        $in = static fn (Quantity $number, int $power = 1): Quantity => new Quantity($number->value, $unit->power($power), $number->exact);

        return new self([
            Fact::quantity('base', $in($base), 'the base'),
            Fact::quantity('height', $in($height), 'the height'),
            Fact::quantity('hypotenuse', $in($longest), 'the longest side'),
            Fact::quantity('area', $in($base->times($height)->times(Quantity::of(BigRational::nd(1, 2))), 2), 'the area'),
            Fact::quantity('perimeter', $in($base->plus($height)->plus($longest)), 'the perimeter'),
        ], $given, $unit);
    }

    public function kind(): string
    {
        return 'a right triangle';
    }

    public function corners(): array
    {
        return [[0.0, 0.0], [$this->length('base'), 0.0], [0.0, $this->length('height')]];
    }

    public function dimensions(): array
    {
        [$corner, $right, $top] = $this->corners();

        return [
            [$corner, $right, 'base', $this->written('base')],
            [$right, $top, 'hypotenuse', $this->written('hypotenuse')],
            [$top, $corner, 'height', $this->written('height')],
        ];
    }

    /** Level 1 asks for the area, level 2 for the longest side, level 3 for a leg. */
    public function vary(Chance $chance, int $level): Variation
    {
        [$base, $height, $longest] = $chance->one(self::TRIPLES);
        $times = $chance->whole(1, 3);
        [$base, $height, $longest] = [$base * $times, $height * $times, $longest * $times];
        if ($chance->whole(0, 1) === 1) {
            [$base, $height] = [$height, $base];
        }
        $area = BigRational::nd($base * $height, 2);
        $root = fn (int $square): Quantity => Quantity::of(
            SignificantFigures::round(Quantity::of($square)->root(), Variation::FIGURES)->value,
            $this->unit(),
        );
        $quantities = ['shape' => 'right', 'unit' => $this->unit()->symbol(), 'base' => (string) $base];

        return match ($level) {
            1 => Variation::ask(
                $quantities + ['height' => (string) $height],
                "A right triangle has a base of {$this->in($base)->written()} and a height of {$this->in($height)->written()}. What is its area?",
                $this->in($area, 2),
                [
                    'The half was left out: this is the rectangle around it.' => $this->in($base * $height, 2),
                    'The two sides were added.' => $this->in($base + $height, 2),
                    'The unit of an area is a square.' => $this->in($area),
                ],
            ),
            2 => Variation::ask(
                $quantities + ['height' => (string) $height],
                "The legs of a right triangle are {$this->in($base)->written()} and {$this->in($height)->written()}. How long is its longest side?",
                $this->in($longest),
                [
                    'The two legs were added.' => $this->in($base + $height),
                    'The square root was not taken.' => $this->in($longest ** 2),
                    'The squares were taken from each other instead of added.' => $root(abs($base ** 2 - $height ** 2)),
                ],
            ),
            default => Variation::ask(
                $quantities + ['hypotenuse' => (string) $longest],
                "The longest side of a right triangle is {$this->in($longest)->written()}, and one leg is {$this->in($base)->written()}. How long is the other leg?",
                $this->in($height),
                [
                    'The squares were added: the longest side is known already.' => $root($longest ** 2 + $base ** 2),
                    'The leg was taken from the longest side without squaring.' => $this->in($longest - $base),
                    'The square root was not taken.' => $this->in($height ** 2),
                ],
            ),
        };
    }

    private static function leg(Quantity $longest, Quantity $other): Quantity
    {
        if (! $longest->value->isGreaterThan($other->value)) {
            throw InvalidQuantities::because('The longest side must be longer than the other side that is known.', 'hypotenuse');
        }

        return self::squared($longest)->minus(self::squared($other))->root();
    }

    private static function squared(Quantity $number): Quantity
    {
        return $number->times($number);
    }
}
