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
use Daybright\Maths\Unit;

/** A rectangle of which two measures are known: two of length, width, perimeter and area. */
final readonly class Rectangle extends Measured
{
    /** @throws InvalidQuantities */
    public static function from(Reading $reading, Unit $unit): self
    {
        $given = array_values(array_filter(['length', 'width', 'perimeter', 'area'], $reading->has(...)));
        if (count($given) !== 2) {
            throw InvalidQuantities::because(
                'Give exactly two measures of the rectangle, for example its length and width, or its length and perimeter. The others follow.',
                $given[2] ?? 'length',
            );
        }
        $value = static fn (string $name): BigRational => $reading->amount(
            $name,
            'The '.$name,
            $name === 'area' ? $unit->power(2) : $unit,
        )->value;
        [$length, $width] = match ($given) {
            ['length', 'width'] => [$value('length'), $value('width')],
            ['length', 'perimeter'] => [$value('length'), self::fromPerimeter($value('perimeter'), $value('length'))],
            ['width', 'perimeter'] => [self::fromPerimeter($value('perimeter'), $value('width')), $value('width')],
            ['length', 'area'] => [$value('length'), $value('area')->dividedBy($value('length'))],
            ['width', 'area'] => [$value('area')->dividedBy($value('width')), $value('width')],
            default => self::fromPerimeterAndArea($value('perimeter'), $value('area')),
        };
        ShapeDrawing::refuseLine([$length->toFloat(), $width->toFloat()]);
        $square = Quantity::of($length->multipliedBy($length)->plus($width->multipliedBy($width)))->root();

        return new self([
            Fact::quantity('length', Quantity::of($length, $unit), 'the length'),
            Fact::quantity('width', Quantity::of($width, $unit), 'the width'),
            Fact::quantity('perimeter', Quantity::of($length->plus($width)->multipliedBy(2), $unit), 'the perimeter'),
            Fact::quantity('area', Quantity::of($length->multipliedBy($width), $unit->power(2)), 'the area'),
            Fact::quantity('diagonal', new Quantity($square->value, $unit, $square->exact), 'the diagonal'),
        ], $given, $unit);
    }

    public function kind(): string
    {
        return $this->length('length') === $this->length('width') ? 'a square' : 'a rectangle';
    }

    public function corners(): array
    {
        [$length, $width] = [$this->length('length'), $this->length('width')];

        return [[0.0, 0.0], [$length, 0.0], [$length, $width], [0.0, $width]];
    }

    public function dimensions(): array
    {
        [$length, $width] = [$this->length('length'), $this->length('width')];

        return [
            [[0.0, 0.0], [$length, 0.0], 'length', $this->written('length')],
            [[$length, 0.0], [$length, $width], 'width', $this->written('width')],
        ];
    }

    /** Level 1 asks for the area, level 2 for a side from the perimeter, level 3 for the perimeter from the area. */
    public function vary(Chance $chance, int $level): Variation
    {
        $length = $chance->whole(6, 14 + 4 * $level);
        $width = $chance->whole(3, $length - 2);
        [$perimeter, $area] = [2 * ($length + $width), $length * $width];
        $quantities = ['shape' => 'rectangle', 'unit' => $this->unit()->symbol(), 'length' => (string) $length];

        return match ($level) {
            1 => Variation::ask(
                $quantities + ['width' => (string) $width],
                "A rectangle is {$this->in($length)->written()} long and {$this->in($width)->written()} wide. What is its area?",
                $this->in($area, 2),
                [
                    'This is the perimeter.' => $this->in($perimeter),
                    'The sides were added instead of multiplied.' => $this->in($length + $width, 2),
                    'The unit of an area is a square.' => $this->in($area),
                ],
            ),
            2 => Variation::ask(
                $quantities + ['perimeter' => (string) $perimeter],
                "The perimeter of a rectangle is {$this->in($perimeter)->written()}. It is {$this->in($length)->written()} long. How wide is it?",
                $this->in($width),
                [
                    'Only one length was taken away.' => $this->in($perimeter - $length),
                    'Both lengths were taken away, but the rest was not halved.' => $this->in(2 * $width),
                    'This is half the perimeter.' => $this->in($length + $width),
                ],
            ),
            default => Variation::ask(
                $quantities + ['area' => (string) $area],
                "The area of a rectangle is {$this->in($area, 2)->written()}. It is {$this->in($length)->written()} long. What is its perimeter?",
                $this->in($perimeter),
                [
                    'This is the width: the way round it is asked.' => $this->in($width),
                    'Only two of the four sides were added.' => $this->in($length + $width),
                    'The length was taken away from the area.' => $this->in($area - $length),
                    'This is a length, not an area.' => $this->in($perimeter, 2),
                ],
            ),
        };
    }

    private static function fromPerimeter(BigRational $perimeter, BigRational $side): BigRational
    {
        $other = $perimeter->dividedBy(2)->minus($side);
        if (! $other->isPositive()) {
            throw InvalidQuantities::because(
                'The perimeter must be more than twice the side: two of its sides would take all of it.',
                'perimeter',
            );
        }

        return $other;
    }

    /** @return array{BigRational, BigRational} */
    private static function fromPerimeterAndArea(BigRational $perimeter, BigRational $area): array
    {
        // The sides are the roots of s² − (perimeter ÷ 2) s + area = 0.
        $half = $perimeter->dividedBy(2);
        $inside = $half->multipliedBy($half)->minus($area->multipliedBy(4));
        if ($inside->isNegative()) {
            $most = $half->multipliedBy($half)->dividedBy(4);
            throw InvalidQuantities::because(
                'No rectangle with this perimeter has so large an area: the square has the most, '.Quantity::of($most)->number().'.',
                'area',
            );
        }
        $root = Quantity::of($inside)->root();
        if (! $root->exact) {
            throw InvalidQuantities::because(
                'With this perimeter and area the sides do not come out as exact numbers. Change one of the two.',
                'area',
            );
        }

        return [$half->plus($root->value)->dividedBy(2), $half->minus($root->value)->dividedBy(2)];
    }
}
