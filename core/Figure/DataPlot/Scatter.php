<?php

declare(strict_types=1);

namespace Daybright\Figure\DataPlot;

use Brick\Math\BigRational;
use Daybright\Figure\Drawing\Axes;
use Daybright\Figure\Drawing\Labels;
use Daybright\Figure\Drawing\Series;
use Daybright\Figure\Fact;
use Daybright\Figure\FigureStep;
use Daybright\Figure\Variation;
use Daybright\Maths\Quantity;
use Daybright\Maths\Statistics\LeastSquares;
use Daybright\Maths\Statistics\Sample;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;

/** Pairs of numbers as points, with the line of least squares. */
final readonly class Scatter implements Plot
{
    /** @param  non-empty-list<array{BigRational, BigRational}>  $pairs */
    private function __construct(
        private string $across,
        private string $up,
        private array $pairs,
        private ?LeastSquares $fit,
        private bool $drawsLine,
    ) {
    }

    public static function fromRows(Rows $rows, bool $drawsLine): self
    {
        DataPlot::refuseColumns($rows, 2, 'Points need two columns of numbers: one across, one upwards.');
        $pairs = array_map(static fn (BigRational $x, BigRational $y): array => [$x, $y], $rows->numbers(0), $rows->numbers(1));

        return new self($rows->heads[0], $rows->heads[1], $pairs, LeastSquares::through($pairs), $drawsLine);
    }

    public function facts(): array
    {
        $facts = [
            Fact::quantity('count', Quantity::of(count($this->pairs)), 'how many points'),
            Fact::quantity('mean across', DataPlot::quantity($this->sample(0)->mean()), "the mean of {$this->across}"),
            Fact::quantity('mean up', DataPlot::quantity($this->sample(1)->mean()), "the mean of {$this->up}"),
        ];
        if ($this->fit === null) {
            return $facts;
        }
        $far = $this->fit->farAway($this->pairs);

        return [...$facts,
            Fact::quantity(
                'r',
                abs(abs($this->fit->r) - 1) < 1e-12 ? Quantity::of((int) round($this->fit->r)) : Quantity::approximately($this->fit->r),
                'Pearson’s r',
            ),
            Fact::quantity('slope', DataPlot::quantity($this->fit->slope), 'how much the line rises for each step across'),
            Fact::quantity('intercept', DataPlot::quantity($this->fit->intercept), 'where the line meets the upright axis'),
            Fact::words('line', $this->equation(), 'the line of best fit'),
            Fact::words('strength', $this->strength(), 'how closely the points keep to the line'),
            Fact::words(
                'far',
                $far === []
                    ? 'none'
                    : implode(
                        ', ',
                        array_map(
                            fn (int $number): string => '('.$this->written($this->pairs[$number][0]).', '.$this
                                ->written($this->pairs[$number][1]).')',
                            $far,
                        ),
                    ),
                'points far from the line',
            ),
        ];
    }

    public function steps(): array
    {
        $steps = [
            new FigureStep('axes', 'the axes', "Across we put {$this->across}, upwards {$this->up}."),
            new FigureStep('points', 'the points', 'Each point is one row of the table: there are '.count($this->pairs).'.'),
        ];
        if ($this->fit !== null && $this->drawsLine) {
            $steps[] = new FigureStep(
                'line',
                'the line of best fit',
                "The line of best fit is {$this->equation()}. There is {$this->strength()}.",
            );
        }

        return $steps;
    }

    public function smallest(): Box
    {
        return new Box(0, 0, 550, 360);
    }

    public function scene(Box $box, RenderContext $context): array
    {
        [$x, $y] = [$this->sample(0), $this->sample(1)];
        $axes = Axes::in(
            $box,
            $context,
            [$x->least()->toFloat(), $x->most()->toFloat()],
            [$y->least()->toFloat(), $y->most()->toFloat()],
            $this->across,
            $this->up,
        );
        $series = new Series(0, $context);
        $points = array_map(
            static fn (array $pair): Shape => $series->mark(...[...$axes->point($pair[0]->toFloat(), $pair[1]->toFloat()), 10.0]),
            $this->pairs,
        );
        $pieces = ['axes' => $axes->shapes, 'points' => $points];
        if ($this->fit === null || ! $this->drawsLine) {
            return $pieces;
        }
        $second = new Series(1, $context);
        [$slope, $intercept] = [$this->fit->slope->toFloat(), $this->fit->intercept->toFloat()];
        $values = array_map(static function (int $piece) use ($axes, $slope, $intercept): array {
            $at = $axes->across->least + ($axes->across->most - $axes->across->least) * $piece / 40;

            return [$at, $intercept + $slope * $at];
        }, range(0, 40));
        $line = $axes->curve($values);
        $labels = new Labels($axes->plot, $context->type);
        foreach ($points as $point) {
            $labels->keepClearOf($point->box);
        }
        foreach ($line as $piece) {
            foreach (array_slice($piece, 1) as $number => $to) {
                $labels->keepClearOfLine($piece[$number][0], $piece[$number][1], $to[0], $to[1]);
            }
        }
        $pieces['line'] = array_map(static fn (array $piece): Shape => Shape::polyline($piece, $second->line()), $line);
        $end = ($line[0] ?? [[$axes->plot->middleX(), $axes->plot->middleY()]])[0];
        $style = new TextStyle(28, $second->colour, true);
        $strength = $labels->near(
            $this->equation(),
            $end[0] + $axes->plot->width * 0.25,
            $slope >= 0 ? $axes->plot->y + 30 : $axes->plot->bottom() - 30,
            $style,
            0,
            0,
        );
        foreach ($this->fit->farAway($this->pairs) as $number) {
            [$atX, $atY] = $axes->point($this->pairs[$number][0]->toFloat(), $this->pairs[$number][1]->toFloat());
            $pieces['line'][] = Shape::circle($atX, $atY, 20, Paint::outlined($second->colour, 3, 'none', '6 5'));
        }
        array_push($pieces['line'], ...$strength);

        return $pieces;
    }

    public function words(): string
    {
        return "Points with {$this->across} across and {$this->up} upwards: ".implode(
            ', ',
            array_map(
                fn (array $pair): string => '('.$this->written($pair[0]).', '.$this->written($pair[1]).')',
                array_slice($this->pairs, 0, 30),
            ),
        ).(count($this->pairs) > 30 ? ' and so on' : '').'.';
    }

    public function practice(DataPractice $practice): Variation
    {
        return $practice->scatter();
    }

    /** Bounds of common practice in schools: 0.8 strong, 0.5 moderate, 0.3 weak. */
    private function strength(): string
    {
        $r = $this->fit->r ?? 0.0;
        $size = match (true) {
            abs($r) >= 0.8 => 'a strong', abs($r) >= 0.5 => 'a moderate', abs($r) >= 0.3 => 'a weak', default => ''
        };

        return $size === '' ? 'no clear correlation' : "{$size} ".($r > 0 ? 'positive' : 'negative').' correlation';
    }

    private function equation(): string
    {
        if ($this->fit === null) {
            return '';
        }
        $intercept = DataPlot::quantity($this->fit->intercept);

        return 'y = '.DataPlot::quantity($this->fit->slope)->rounded()
            ->number().'x '.($intercept->value->isNegative() ? '−' : '+').' '.Quantity::of($intercept->rounded()->value->abs())
            ->number();
    }

    private function sample(int $coordinate): Sample
    {
        return new Sample(array_map(static fn (array $pair): BigRational => $pair[$coordinate], $this->pairs));
    }

    private function written(BigRational $value): string
    {
        return Quantity::of($value)->number();
    }
}
