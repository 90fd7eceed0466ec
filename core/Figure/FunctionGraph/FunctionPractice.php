<?php

declare(strict_types=1);

namespace Daybright\Figure\FunctionGraph;

use Brick\Math\BigRational;
use Daybright\Figure\Chance;
use Daybright\Figure\Variation;
use Daybright\Maths\LinearEquation;
use Daybright\Maths\Quantity;

/** Questions about another line, or another parabola. */
final readonly class FunctionPractice
{
    public function __construct(private Chance $chance, private int $level)
    {
    }

    /** Level 1 asks for the slope, level 2 for the root, level 3 for where a line through two points meets the upright axis. */
    public function line(): Variation
    {
        $slope = $this->chance->one([2, 3, 4, 5, -2, -3, -4]);
        $root = $this->chance->whole(-4, 4);
        $intercept = $this->level === 2 ? -$slope * $root : $this->chance->whole(1, 9) * ($this->chance->whole(0, 1) === 1 ? 1 : -1);
        $written = self::written([[$slope, 'x'], [$intercept, '']]);
        $quantities = ['functions' => $written, 'from' => '-6', 'to' => '6', 'table' => false];
        if ($this->level === 1) {
            return Variation::ask($quantities, "What is the slope of the line y = {$written}?", Quantity::of($slope), [
                'This is where the line meets the upright axis.' => Quantity::of($intercept),
                'The sign was lost.' => Quantity::of(-$slope),
                'The two numbers were added.' => Quantity::of($slope + $intercept),
            ]);
        }
        if ($this->level === 2) {
            return Variation::ask($quantities, "For which x is y = {$written} equal to 0?", Quantity::of($root), [
                'This is where the line meets the upright axis.' => Quantity::of($intercept),
                'The sign was not turned round.' => Quantity::of(-$root),
                'This is the slope.' => Quantity::of($slope),
            ]);
        }
        [$from, $to] = [$this->chance->whole(1, 3), $this->chance->whole(4, 7)];
        [$low, $high] = [$slope * $from + $intercept, $slope * $to + $intercept];

        return Variation::ask(
            $quantities,
            'A line goes through '.self::point($from, $low).' and '.self::point($to, $high).'. Where does it meet the upright axis?',
            Quantity::of($intercept),
            [
                'This is the slope.' => Quantity::of($slope),
                'The slope was added on the way back to 0 instead of taken away.' => Quantity::of($low + $slope * $from),
                'This is the y of the first point.' => Quantity::of($low),
                'This is the difference of the two y.' => Quantity::of($high - $low),
            ],
        );
    }

    /** Level 1 asks where it meets the upright axis, level 2 for the greater root, level 3 for its lowest point. */
    public function parabola(): Variation
    {
        $least = $this->chance->whole(-5, 3);
        $most = $least + ($this->level === 3 ? 2 * $this->chance->whole(1, 3) : $this->chance->whole(1, 6));
        [$sum, $product] = [$least + $most, $least * $most];
        $written = self::written([[1, 'x²'], [-$sum, 'x'], [$product, '']]);
        $quantities = [
            'functions' => $written,
            'from' => (string) min(-1, $least - 2),
            'to' => (string) max(1, $most + 2),
            'table' => false,
        ];
        if ($this->level === 1) {
            $factors = self::factor($least).self::factor($most);

            return Variation::ask(
                ['functions' => $factors] + $quantities,
                "Where does y = {$factors} meet the upright axis?",
                Quantity::of($product),
                [
                    'The sign was lost.' => Quantity::of(-$product),
                    'The two numbers were added instead of multiplied.' => Quantity::of(-$sum),
                    'This is a root: there y is 0, not x.' => Quantity::of($most),
                ],
            );
        }
        if ($this->level === 2) {
            return Variation::ask($quantities, "Where does y = {$written} meet the x-axis for the greater x?", Quantity::of($most), [
                'This is the smaller root.' => Quantity::of($least),
                'The sign of the root was turned round.' => Quantity::of(-$most),
                'This is where y meets the upright axis.' => Quantity::of($product),
                'This is the sum of the roots.' => Quantity::of($sum),
            ]);
        }
        $middle = intdiv($sum, 2);
        $lowest = BigRational::of(($middle - $least) * ($middle - $most));

        return Variation::ask($quantities, "What is the least value of y = {$written}?", Quantity::of($lowest), [
            'This is the x at which it is least.' => Quantity::of($middle),
            'This is where y meets the upright axis.' => Quantity::of($product),
            'The sign was lost.' => Quantity::of($lowest->negated()),
        ]);
    }

    /** “x” for the root 0, “(x − 2)” for 2 */
    private static function factor(int $root): string
    {
        return $root === 0 ? 'x' : '(x '.($root > 0 ? '− ' : '+ ').abs($root).')';
    }

    private static function point(int $x, int $y): string
    {
        return '('.Quantity::of($x)->number().', '.Quantity::of($y)->number().')';
    }

    /** @param  list<array{int, string}>  $terms */
    private static function written(array $terms): string
    {
        return LinearEquation::sum(array_map(static fn (array $term): array => [BigRational::of($term[0]), $term[1]], $terms));
    }
}
