<?php

declare(strict_types=1);

namespace Daybright\Figure\TwoUnknowns;

use Brick\Math\BigRational;
use Daybright\Figure\Chance;
use Daybright\Figure\Variation;
use Daybright\Lesson\Fields;
use Daybright\Maths\LinearEquation;
use Daybright\Maths\Quantity;

/** Other numbers for the same story, or other equations. */
final readonly class TwoUnknownsPractice
{
    public function __construct(private Chance $chance, private int $level)
    {
    }

    /**
     * Level 1 has small numbers, level 2 larger ones, level 3 asks how many more.
     *
     * @param  array{string, string}  $names
     * @param  array{BigRational, BigRational}  $each what one of the first and one of the second counts
     */
    public function story(array $names, array $each, string $of): Variation
    {
        [$x, $y] = [$this->chance->whole(2, 6 + 6 * $this->level), $this->chance->whole(2, 6 + 6 * $this->level)];
        if ($x === $y) {
            $x++;
        }
        [$count, $total] = [$x + $y, $each[0]->multipliedBy($x)->plus($each[1]->multipliedBy($y))];
        $quantities = [
            'mode' => 'story',
            'firstName' => $names[0],
            'secondName' => $names[1],
            'count' => (string) $count,
            'firstEach' => self::typed($each[0]),
            'secondEach' => self::typed($each[1]),
            'total' => self::typed($total),
            'totalName' => $of,
            'view' => 'table',
        ];
        $story = TwoUnknowns::from(new Fields($quantities))->steps()[0]->script;
        if ($this->level === 3) {
            [$most, $least] = $x > $y ? $names : array_reverse($names);

            return Variation::ask($quantities, "{$story} How many more {$most} than {$least} are there?", Quantity::of(abs($x - $y)), [
                "These are the {$most}." => Quantity::of(max($x, $y)),
                "These are the {$least}." => Quantity::of(min($x, $y)),
                'These are both together.' => Quantity::of($count),
            ]);
        }

        return Variation::ask($quantities, "{$story} How many {$names[0]} are there?", Quantity::of($x), [
            "These are the {$names[1]}." => Quantity::of($y),
            'They were shared in halves.' => Quantity::of(BigRational::nd($count, 2)),
            "All were taken as {$names[0]}." => Quantity::of($total->dividedBy($each[0])),
            'The count was taken away from the total.' => Quantity::of($total->minus($count)->abs()),
        ]);
    }

    /**
     * Level 1 is a sum and a difference, level 2 has a factor before one of the letters, level 3 before all of them and answers below
     * zero.
     */
    public function equations(): Variation
    {
        [$x, $y] = [$this->chance->whole($this->level === 3 ? -6 : 2, 12), $this->chance->whole($this->level === 3 ? -6 : 1, 9)];
        if ($x === $y || $x === 0) {
            $x = $y + 3;
        }
        [$a, $b, $c, $d] = match ($this->level) {
            1 => [1, 1, 1, -1],
            2 => [$this->chance->whole(2, 5), 1, 1, -1],
            default => $this->chance->one([[2, 3, 3, -2], [3, 2, 5, -4], [4, -3, 2, 5], [5, 2, 3, -1], [3, -4, 2, 3]]),
        };
        [$first, $second] = [
            LinearEquation::withCoefficients($a, $b, $a * $x + $b * $y),
            LinearEquation::withCoefficients($c, $d, $c * $x + $d * $y),
        ];
        $quantities = [
            'mode' => 'equations',
            'firstEquation' => $first->written(),
            'secondEquation' => $second->written(),
            'view' => 'substitution',
        ];
        [$sum, $difference] = [$a * $x + $b * $y, $c * $x + $d * $y];

        return Variation::ask($quantities, "{$first->written()} and {$second->written()}. What is x?", Quantity::of($x), [
            'This is y.' => Quantity::of($y),
            'The sign was lost.' => Quantity::of(-$x),
            'These are x and y together.' => Quantity::of($x + $y),
            'The two equations were added and not divided.' => Quantity::of($sum + $difference),
            'y was taken as 0.' => Quantity::of(BigRational::nd($sum, $a)),
        ]);
    }

    private static function typed(BigRational $number): string
    {
        return Quantity::of($number)->typedNumber();
    }
}
