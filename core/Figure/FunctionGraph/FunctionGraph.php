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
use Daybright\Figure\Live\Handle;
use Daybright\Figure\Live\LiveFigure;
use Daybright\Figure\Live\NumbersInFormula;
use Daybright\Figure\PrintedWithItem;
use Daybright\Figure\Purpose;
use Daybright\Figure\Reading;
use Daybright\Figure\Subject;
use Daybright\Figure\Variation;
use Daybright\Lesson\Fields;
use Daybright\Scene\Box;
use Daybright\Scene\RenderContext;

/** One to three functions of x, with their intercepts, roots and turning points. */
final readonly class FunctionGraph implements LiveFigure, PrintedWithItem
{
    private const ORDINALS = ['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight'];

    /** Kept while a number is turned, so that the paper stands still under the curve. */
    private const PAPER = 'paper';

    private const POINT = 'point';

    /** Places of a point along the curve, about. */
    private const PLACES = 60;

    /**
     * @param  non-empty-list<Curve>  $curves
     * @param  list<string>  $lines as they were typed
     * @param  array{float, float}|null  $paper least and most y that are drawn; null for what the curves need
     * @param  float|null  $point x of a point that is moved along the curves; null where there is none
     */
    private function __construct(
        public array $curves,
        public float $from,
        public float $to,
        public ?BigRational $start,
        public bool $showsTable,
        private array $lines,
        public ?array $paper = null,
        public ?float $point = null,
    ) {
    }

    public static function entry(): Entry
    {
        return new Entry(
            'function-graph',
            'Function graph',
            'Draw y against x from a formula, with its roots, intercepts and turning points',
            [Purpose::Curve, Purpose::Change],
            [Subject::Maths, Subject::Science],
            'graph equation line parabola quadratic linear slope gradient roots sine table of values',
        );
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
        $curves = array_map(static fn (string $line): Curve => Curve::parse($line, $from->toFloat(), $to->toFloat()), $lines);
        if ($curves === []) {
            throw InvalidQuantities::because('Write at least one function of x.', 'functions');
        }

        return new self(
            $curves,
            $from->toFloat(),
            $to->toFloat(),
            $from,
            $reading->flag('table'),
            $lines,
            self::paper($quantities),
            self::pointAt($quantities, $from->toFloat(), $to->toFloat()),
        );
    }

    private static function pointAt(Fields $quantities, float $from, float $to): ?float
    {
        $point = Reading::asNumber($quantities->text(self::POINT, ''))?->toFloat();

        return $point === null || $point < $from || $point > $to ? null : $point;
    }

    /** @return array{float, float}|null */
    private static function paper(Fields $quantities): ?array
    {
        $ends = array_map(floatval(...), explode(' ', $quantities->text(self::PAPER, '')));

        return count($ends) === 2 && $ends[0] < $ends[1] ? [$ends[0], $ends[1]] : null;
    }

    public static function live(): array
    {
        return ['functions', self::PAPER, self::POINT];
    }

    public function handles(Box $box, RenderContext $context): array
    {
        $paper = implode(' ', array_map(
            static fn (float $end): string => (string) round($end, 4),
            (new GraphDrawing($this, $box, $context))->rise(),
        ));
        $handles = [];
        foreach ($this->lines as $number => $line) {
            $change = fn (string $formula): array => [
                'functions' => implode("\n", array_replace($this->lines, [$number => $formula])),
                self::PAPER => $paper,
            ];
            $called = str_contains($line, '=') ? '' : 'y = ';
            array_push($handles, ...NumbersInFormula::handles($line, 'curve-'.($number + 1), $called, $change));
        }
        $step = ($this->to - $this->from) / self::PLACES;
        // A step of 1, 2 or 5 times a power of ten lands on numbers that are read easily.
        $round = 10 ** floor(log10($step));
        $step = $round * ($step / $round > 5 ? 10 : ($step / $round > 2 ? 5 : ($step / $round > 1 ? 2 : 1)));
        $handles[] = Handle::turn('point', 'a point at x = □', $this->point ?? $this->from, $this->from, $this->to, $step, [
            self::POINT => Handle::VALUE,
        ]);

        return $handles;
    }

    public function done(LiveFigure $before): string
    {
        if (! $before instanceof self) {
            return '';
        }
        $told = [];
        foreach ($this->curves as $number => $curve) {
            $was = $before->curves[$number]->written ?? $curve->written;
            if ($was !== $curve->written) {
                $told[] = "turns y = {$was} into y = {$curve->written}";
            }
        }
        if ($this->point !== null && $this->point !== $before->point) {
            $told[] = 'moves the point to '.implode(' and ', array_map(
                fn (Curve $curve): string => self::point((float) $this->point, $curve->at((float) $this->point)),
                $this->curves,
            ));
        }

        return implode(' and ', $told);
    }

    public function facts(): array
    {
        $facts = [];
        foreach ($this->curves as $number => $curve) {
            $suffix = $number === 0 ? '' : ' '.chr(97 + $number);
            $intercept = $curve->at(0.0);
            $facts[] = Fact::words("function{$suffix}", "y = {$curve->written}", 'the function');
            if (is_finite($intercept) && $this->from <= 0 && $this->to >= 0) {
                $facts[] = Fact::quantity("intercept{$suffix}", Curve::quantity($intercept), 'where it meets the upright axis');
            }
            $facts[] = Fact::words("roots{$suffix}", self::list($curve->roots), 'where y is 0');
            foreach ($curve->roots as $at => $root) {
                $facts[] = Fact::quantity('root '.self::ORDINALS[$at].$suffix, Curve::quantity($root), 'a root');
            }
            $facts[] = Fact::words(
                "turning points{$suffix}",
                $curve->turns === []
                    ? 'none'
                    : implode(
                        ', ',
                        array_map(static fn (array $turn): string => self::point($turn[0], $turn[1]).' '.$turn[2], $curve->turns),
                    ),
                'where it turns',
            );
            foreach ($curve->turns as $at => [$x, $y]) {
                $facts[] = Fact::quantity('turn '.self::ORDINALS[$at]." x{$suffix}", Curve::quantity($x), 'the x of a turning point');
                $facts[] = Fact::quantity('turn '.self::ORDINALS[$at]." y{$suffix}", Curve::quantity($y), 'the y of a turning point');
            }
            if ($curve->slope !== null) {
                $facts[] = Fact::quantity("slope{$suffix}", Curve::quantity($curve->slope), 'how much it rises for each step across');
            }
        }
        foreach ($this->crossings() as $at => [$x, $y]) {
            $facts[] = Fact::quantity('crossing '.self::ORDINALS[$at].' x', Curve::quantity($x), 'the x where two of them meet');
            $facts[] = Fact::quantity('crossing '.self::ORDINALS[$at].' y', Curve::quantity($y), 'the y where two of them meet');
        }

        return $facts;
    }

    public function steps(): array
    {
        $steps = [new FigureStep('axes', 'the axes', 'Here are the axes: x across, y upwards.')];
        foreach ($this->curves as $number => $curve) {
            $roots = $curve->roots === []
                ? 'It does not meet the x-axis here.'
                : 'It meets the x-axis where x is '.self::list($curve->roots).'.';
            $turns = implode(
                ' ',
                array_map(static fn (array $turn): string => 'At '.self::point($turn[0], $turn[1])." it has a {$turn[2]}.", $curve->turns),
            );
            array_push($steps,
                new FigureStep(
                    'curve-'.($number + 1),
                    "y = {$curve->written}",
                    "This is the graph of y = {$curve->written}, traced from left to right.",
                ),
                new FigureStep('points-'.($number + 1), 'points of '.$curve->written, trim("{$roots} {$turns}")),
            );
        }
        if (count($this->curves) > 1) {
            $points = array_map(static fn (array $point): string => self::point($point[0], $point[1]), $this->crossings());
            $steps[] = new FigureStep(
                'crossings',
                'where they meet',
                $points === [] ? 'They do not meet here.' : 'They meet at '.implode(', ', $points).'.',
            );
        }

        return $steps;
    }

    public function smallest(): Box
    {
        return new Box(0, 0, $this->showsTable ? 820 : 550, $this->showsTable ? 440 : 400);
    }

    public function scene(Box $box, RenderContext $context): array
    {
        return (new GraphDrawing($this, $box, $context))->pieces();
    }

    public function words(): string
    {
        return 'The graph of '.implode(
            ' and ',
            array_map(static fn (Curve $curve): string => "y = {$curve->written}", $this->curves),
        ).' for x from '.Curve::quantity($this->from)->number().' to '.Curve::quantity($this->to)->number().'.';
    }

    /** @return list<array{float, float}> where curves meet, from left to right */
    public function crossings(): array
    {
        $points = [];
        foreach ($this->curves as $number => $curve) {
            foreach (array_slice($this->curves, $number + 1) as $other) {
                foreach ($curve->crossings($other, $this->from, $this->to) as $x) {
                    $points[] = [$x, $curve->at($x)];
                }
            }
        }
        sort($points);

        return array_slice($points, 0, count(self::ORDINALS));
    }

    public function vary(int $seed, int $level): Variation
    {
        $practice = new FunctionPractice(Chance::seeded($seed, $level), $level);

        return $this->curves[0]->slope === null ? $practice->parabola() : $practice->line();
    }

    /** @param  list<float>  $values */
    private static function list(array $values): string
    {
        return $values === []
            ? 'none'
            : implode(', ', array_map(static fn (float $value): string => Curve::quantity($value)->rounded()->number(), $values));
    }

    /** A point as it is written. */
    public static function point(float $x, float $y): string
    {
        $height = is_finite($y) ? Curve::quantity($y)->rounded()->number() : '–';

        return '('.Curve::quantity($x)->rounded()->number().", {$height})";
    }
}
