<?php

declare(strict_types=1);

namespace Daybright\Figure\FunctionGraph;

use Brick\Math\BigRational;
use Daybright\Figure\Chance;
use Daybright\Figure\Entry;
use Daybright\Figure\Fact;
use Daybright\Figure\FigureStep;
use Daybright\Figure\Form\Field;
use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\Purpose;
use Daybright\Figure\Reading;
use Daybright\Figure\Subject;
use Daybright\Figure\Variation;
use Daybright\Figure\Varies;
use Daybright\Lesson\Fields;
use Daybright\Maths\LinearEquation;
use Daybright\Maths\Quantity;
use Daybright\Scene\Box;
use Daybright\Scene\Setting;

/** One to three functions of x, with their intercepts, roots and turning points. */
final readonly class FunctionGraph implements Varies
{
    /** @param  non-empty-list<Curve>  $curves */
    private function __construct(public array $curves, public float $from, public float $to, public ?BigRational $start, public bool $showsTable)
    {
    }

    public static function entry(): Entry
    {
        return new Entry('function-graph', 'Function graph', 'Draw y against x from a formula, with its roots, intercepts and turning points', [Purpose::Curve, Purpose::Change], [Subject::Maths, Subject::Science], 'graph equation line parabola quadratic linear slope gradient roots sine table of values');
    }

    public static function blank(): array
    {
        return ['functions' => 'x² − 2x − 3', 'from' => '-3', 'to' => '5', 'table' => false];
    }

    public static function fields(): array
    {
        return [
            Field::lines('functions', 'y = …, one on a line', "x² − 2x − 3\n2x + 1"),
            Field::text('from', 'x from', '-3'),
            Field::text('to', 'x to', '5'),
            Field::tick('table', 'Show a table of values beside it'),
        ];
    }

    public static function from(Fields $quantities): self
    {
        $reading = new Reading($quantities);
        $lines = $reading->lines('functions', 'Functions', 1, 3, 60);
        [$from, $to] = [$reading->number('from', 'The first x'), $reading->number('to', 'The last x')];
        if ($to->isLessThanOrEqualTo($from)) {
            throw InvalidQuantities::because('The last x must be greater than the first. Swap the two numbers.', 'to');
        }
        $curves = array_map(static fn (string $line): Curve => Curve::of($line, $from->toFloat(), $to->toFloat()), $lines);
        if ($curves === []) {
            throw InvalidQuantities::because('Write at least one function of x.', 'functions');
        }

        return new self($curves, $from->toFloat(), $to->toFloat(), $from, $reading->flag('table'));
    }

    public function facts(): array
    {
        $facts = [];
        foreach ($this->curves as $number => $curve) {
            $suffix = $number === 0 ? '' : ' '.chr(97 + $number);
            $intercept = $curve->at(0.0);
            $facts[] = Fact::words("function{$suffix}", "y = {$curve->written}", 'the function');
            if (is_finite($intercept) && $this->from <= 0 && $this->to >= 0) {
                $facts[] = Fact::quantity("intercept{$suffix}", Curve::told($intercept), 'where it meets the upright axis');
            }
            $facts[] = Fact::words("roots{$suffix}", self::list($curve->roots), 'where y is 0');
            foreach ($curve->roots as $at => $root) {
                $facts[] = Fact::quantity('root '.['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight'][$at].$suffix, Curve::told($root), 'a root');
            }
            $facts[] = Fact::words("turning points{$suffix}", $curve->turns === [] ? 'none' : implode(', ', array_map(static fn (array $turn): string => self::point($turn[0], $turn[1]).' '.$turn[2], $curve->turns)), 'where it turns');
            if ($curve->slope !== null) {
                $facts[] = Fact::quantity("slope{$suffix}", Curve::told($curve->slope), 'how much it rises for each step across');
            }
        }

        return $facts;
    }

    public function steps(): array
    {
        $steps = [new FigureStep('axes', 'the axes', 'Here are the axes: x across, y upwards.')];
        foreach ($this->curves as $number => $curve) {
            $roots = $curve->roots === [] ? 'It does not meet the x-axis here.' : 'It meets the x-axis where x is '.self::list($curve->roots).'.';
            $turns = implode(' ', array_map(static fn (array $turn): string => 'At '.self::point($turn[0], $turn[1])." it has a {$turn[2]}.", $curve->turns));
            array_push($steps,
                new FigureStep('curve-'.($number + 1), "y = {$curve->written}", "This is the graph of y = {$curve->written}, traced from left to right."),
                new FigureStep('points-'.($number + 1), 'points of '.$curve->written, trim("{$roots} {$turns}")),
            );
        }

        return $steps;
    }

    public function smallest(): Box
    {
        return new Box(0, 0, $this->showsTable ? 820 : 550, $this->showsTable ? 440 : 400);
    }

    public function scene(Box $box, Setting $setting): array
    {
        return (new GraphDrawing($this, $box, $setting))->pieces();
    }

    public function words(): string
    {
        return 'The graph of '.implode(' and ', array_map(static fn (Curve $curve): string => "y = {$curve->written}", $this->curves)).' for x from '.Curve::told($this->from)->number().' to '.Curve::told($this->to)->number().'.';
    }

    /** Level 1 asks for the slope of a line, level 2 for its root, level 3 for the greater root of a parabola. */
    public function vary(int $seed, int $level): Variation
    {
        $chance = Chance::of($seed, $level);
        if ($level === 3) {
            $least = $chance->whole(-5, 3);
            $most = $least + $chance->whole(1, 6);
            [$sum, $product] = [$least + $most, $least * $most];
            $written = self::written([[1, 'x²'], [-$sum, 'x'], [$product, '']]);

            return Variation::of(['functions' => $written, 'from' => (string) ($least - 2), 'to' => (string) ($most + 2), 'table' => false], "Where does y = {$written} meet the x-axis for the greater x?", Quantity::of($most), [
                'This is the smaller root.' => Quantity::of($least),
                'The sign of the root was turned round.' => Quantity::of(-$most),
                'This is where y meets the upright axis.' => Quantity::of($product),
                'This is the sum of the roots.' => Quantity::of($sum),
            ]);
        }
        $slope = $chance->one([2, 3, 4, 5, -2, -3, -4]);
        $root = $chance->whole(-4, 4);
        $intercept = $level === 1 ? $chance->whole(1, 9) * ($chance->whole(0, 1) === 1 ? 1 : -1) : -$slope * $root;
        $written = self::written([[$slope, 'x'], [$intercept, '']]);
        $quantities = ['functions' => $written, 'from' => '-6', 'to' => '6', 'table' => false];
        if ($level === 1) {
            return Variation::of($quantities, "What is the slope of the line y = {$written}?", Quantity::of($slope), [
                'This is where the line meets the upright axis.' => Quantity::of($intercept),
                'The sign was lost.' => Quantity::of(-$slope),
                'The two numbers were added.' => Quantity::of($slope + $intercept),
            ]);
        }

        return Variation::of($quantities, "For which x is y = {$written} equal to 0?", Quantity::of($root), [
            'This is where the line meets the upright axis.' => Quantity::of($intercept),
            'The sign was not turned round.' => Quantity::of(-$root),
            'This is the slope.' => Quantity::of($slope),
        ]);
    }

    /** @param  list<array{int, string}>  $terms */
    private static function written(array $terms): string
    {
        return LinearEquation::sum(array_map(static fn (array $term): array => [BigRational::of($term[0]), $term[1]], $terms));
    }

    /** @param  list<float>  $values */
    private static function list(array $values): string
    {
        return $values === [] ? 'none' : implode(', ', array_map(static fn (float $value): string => Curve::told($value)->rounded()->number(), $values));
    }

    private static function point(float $x, float $y): string
    {
        return '('.Curve::told($x)->rounded()->number().', '.Curve::told($y)->rounded()->number().')';
    }
}
