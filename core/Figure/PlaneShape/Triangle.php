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
use Daybright\Maths\Units;

/** A triangle whose three sides are known. The area is Heron's, the angles follow from the law of cosines. */
final readonly class Triangle extends Measured
{
    /** @throws InvalidQuantities */
    public static function bySides(Reading $reading, Unit $unit): self
    {
        $sides = [
            $reading->amount('first', 'The first side', $unit),
            $reading->amount('second', 'The second side', $unit),
            $reading->amount('third', 'The third side', $unit),
        ];
        foreach ($sides as $number => $side) {
            $others = $sides[($number + 1) % 3]->plus($sides[($number + 2) % 3]);
            if (! $side->value->isLessThan($others->value)) {
                throw InvalidQuantities::because(
                    "These sides do not close: {$side->written()} is not shorter than the other two together, {$others->written()}. Make it shorter or the others longer.",
                    ['first', 'second', 'third'][$number],
                );
            }
        }
        [$a, $b, $c] = array_map(static fn (Quantity $side): \Brick\Math\BigRational => $side->value, $sides);
        $perimeter = $a->plus($b)->plus($c);
        $half = $perimeter->dividedBy(2);
        $area = Quantity::of($half->multipliedBy($half->minus($a))->multipliedBy($half->minus($b))->multipliedBy($half->minus($c)))->root();
        [$x, $y, $z] = [$a->toFloat(), $b->toFloat(), $c->toFloat()];
        $angle = static fn (float $facing, float $one, float $other): float => rad2deg(acos(max(
            -1.0,
            min(1.0, ($one ** 2 + $other ** 2 - $facing ** 2) / (2 * $one * $other)),
        )));
        $angles = [$angle($x, $y, $z), $angle($y, $x, $z), $angle($z, $x, $y)];
        ShapeDrawing::refuseLine([$x, 2 * $area->value->toFloat() / $x]);
        $largest = max($angles);
        $kind = match (true) {
            abs($largest - 90) < 1e-9 => 'right-angled', $largest > 90 => 'obtuse-angled', default => 'acute-angled'
        };
        $alike = match (count(array_unique(array_map(static fn (Quantity $side): string => (string) $side->value->simplified(), $sides)))) {
            1 => 'equilateral', 2 => 'isosceles', default => 'scalene'
        };

        return new self([
            Fact::quantity('first', $sides[0], 'the first side'),
            Fact::quantity('second', $sides[1], 'the second side'),
            Fact::quantity('third', $sides[2], 'the third side'),
            Fact::quantity('perimeter', Quantity::of($perimeter, $unit), 'the perimeter'),
            Fact::quantity('area', new Quantity($area->value, $unit->power(2), $area->exact), 'the area'),
            Fact::quantity('angle one', self::degrees($angles[0]), 'the angle facing the first side'),
            Fact::quantity('angle two', self::degrees($angles[1]), 'the angle facing the second side'),
            Fact::quantity('angle three', self::degrees($angles[2]), 'the angle facing the third side'),
            Fact::words('by angles', $kind, 'its name by angles'),
            Fact::words('by sides', $alike, 'its name by sides'),
        ], ['first', 'second', 'third'], $unit);
    }

    public function kind(): string
    {
        return 'a triangle';
    }

    public function corners(): array
    {
        // The first side lies flat; the second starts at its end.
        [$a, $b, $c] = [$this->length('first'), $this->length('second'), $this->length('third')];
        $x = ($a ** 2 + $c ** 2 - $b ** 2) / (2 * $a);

        return [[0.0, 0.0], [$a, 0.0], [$x, sqrt(max(0.0, $c ** 2 - $x ** 2))]];
    }

    public function dimensions(): array
    {
        [$left, $right, $top] = $this->corners();

        return [
            [$left, $right, 'first', $this->written('first')],
            [$right, $top, 'second', $this->written('second')],
            [$top, $left, 'third', $this->written('third')],
        ];
    }

    /** Level 1 asks for the perimeter, level 2 for a missing side, level 3 for one of two equal sides. */
    public function vary(Chance $chance, int $level): Variation
    {
        [$first, $second] = [$chance->whole(5, 10 + 4 * $level), $chance->whole(5, 10 + 4 * $level)];
        $third = $level === 3 ? $second : $chance->whole(abs($first - $second) + 2, $first + $second - 3);
        if ($level === 3) {
            $first = $chance->whole(3, 2 * $second - 2);
        }
        $perimeter = $first + $second + $third;
        $quantities = [
            'shape' => 'triangle',
            'unit' => $this->unit()->symbol(),
            'first' => (string) $first,
            'second' => (string) $second,
            'third' => (string) $third,
        ];

        return match ($level) {
            1 => Variation::ask(
                $quantities,
                "The sides of a triangle are {$this->in($first)->written()}, {$this->in($second)->written()} and {$this->in($third)->written()}. What is its perimeter?",
                $this->in($perimeter),
                [
                    'One side was left out.' => $this->in($first + $second),
                    'The sides were multiplied.' => $this->in($first * $second * $third),
                    'A perimeter is a length, not an area.' => $this->in($perimeter, 2),
                ],
            ),
            2 => Variation::ask(
                $quantities,
                "The perimeter of a triangle is {$this->in($perimeter)->written()}. Two sides are {$this->in($first)->written()} and {$this->in($second)->written()}. How long is the third?",
                $this->in($third),
                [
                    'Only one side was taken away.' => $this->in($perimeter - $first),
                    'These are the two known sides together.' => $this->in($first + $second),
                    'The perimeter was divided by three.' => $this->in(BigRational::nd($perimeter, 3)),
                ],
            ),
            default => Variation::ask(
                $quantities,
                "The perimeter of a triangle is {$this->in($perimeter)->written()}. Its base is {$this->in($first)->written()}, and the other two sides are equal. How long is each of them?",
                $this->in($second),
                [
                    'The rest was not halved.' => $this->in(2 * $second),
                    'The base was not taken away first.' => $this->in(BigRational::nd($perimeter, 2)),
                    'The perimeter was divided by three.' => $this->in(BigRational::nd($perimeter, 3)),
                ],
            ),
        };
    }

    private static function degrees(float $angle): Quantity
    {
        $whole = round($angle);

        return abs($angle - $whole) < 1e-9
            ? Quantity::of((int) $whole, Units::read('°'))
            : Quantity::approximately(round($angle, 1), Units::read('°'));
    }
}
