<?php

declare(strict_types=1);

namespace Daybright\Figure\PlaneShape;

use Brick\Math\BigRational;
use Daybright\Figure\Fact;
use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\Reading;
use Daybright\Maths\Quantity;
use Daybright\Maths\Unit;

/** A right triangle of which two measures are known: two of base, height, longest side and area. */
final readonly class RightTriangle extends Measured
{
    /** @throws InvalidQuantities */
    public static function from(Reading $reading, Unit $unit): self
    {
        $given = array_values(array_filter(['base', 'height', 'hypotenuse', 'area'], $reading->has(...)));
        if (count($given) !== 2 || $given === ['hypotenuse', 'area']) {
            throw InvalidQuantities::because('Give exactly two measures of the right triangle, the base or the height among them. The others follow.', $given[2] ?? 'base');
        }
        $value = static fn (string $name): Quantity => Quantity::of($reading->amount($name, 'The '.($name === 'hypotenuse' ? 'longest side' : $name), $name === 'area' ? $unit->power(2) : $unit)->value);
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

        return [[$corner, $right, 'base', $this->written('base')], [$right, $top, 'hypotenuse', $this->written('hypotenuse')], [$top, $corner, 'height', $this->written('height')]];
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
