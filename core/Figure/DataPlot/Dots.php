<?php

declare(strict_types=1);

namespace Daybright\Figure\DataPlot;

use Brick\Math\BigRational;
use Daybright\Figure\Drawing\Labels;
use Daybright\Figure\Drawing\Scale;
use Daybright\Figure\Fact;
use Daybright\Figure\FigureStep;
use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\Variation;
use Daybright\Maths\Quantity;
use Daybright\Maths\Statistics\Sample;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;

/** A dot for each value, over a number line; equal values stand on one another. */
final readonly class Dots implements Plot
{
    private const HIGHEST = 30;

    /** @param  non-empty-list<BigRational>  $values */
    private function __construct(private string $name, private array $values, private Sample $sample)
    {
    }

    public static function fromRows(Rows $rows): self
    {
        $column = $rows->isNumeric(0) ? 0 : 1;
        DataPlot::refuseColumns($rows, $column + 1, 'Dots need a column of numbers.');
        $values = $rows->numbers($column);
        $counts = array_count_values(array_map(static fn (BigRational $value): string => (string) $value->simplified(), $values));
        if (max($counts) > self::HIGHEST) {
            throw InvalidQuantities::because(
                'One value occurs '.max($counts).' times: so many dots cannot be drawn. Use bars instead.',
                'kind',
            );
        }

        return new self($rows->heads[$column], $values, new Sample($values));
    }

    public function facts(): array
    {
        $modes = $this->sample->modes();
        $quartiles = $this->sample->quartiles();
        $facts = [
            Fact::quantity('count', Quantity::of(count($this->values)), 'how many values'),
            Fact::quantity('total', Quantity::of($this->sample->sum()), 'all values added'),
            Fact::quantity('mean', DataPlot::quantity($this->sample->mean()), 'the mean'),
            Fact::quantity('median', Quantity::of($this->sample->median()), 'the median'),
            Fact::words(
                'mode',
                $modes === []
                    ? 'none'
                    : implode(' and ', array_map(static fn (BigRational $mode): string => Quantity::of($mode)->number(), $modes)),
                'the mode',
            ),
            Fact::quantity('range', Quantity::of($this->sample->range()), 'the range'),
            Fact::quantity('least', Quantity::of($this->sample->least()), 'the least value'),
            Fact::quantity('most', Quantity::of($this->sample->most()), 'the greatest value'),
        ];

        return $quartiles === null ? $facts : [...$facts,
            Fact::quantity('lower quartile', Quantity::of($quartiles[0]), 'the lower quartile'),
            Fact::quantity('upper quartile', Quantity::of($quartiles[1]), 'the upper quartile'),
        ];
    }

    public function steps(): array
    {
        return [
            new FigureStep('line', 'the number line', "The line shows {$this->name}."),
            new FigureStep('dots', 'the dots', 'Each dot is one value: there are '.count($this->values).'.'),
            new FigureStep(
                'middle',
                'mean and median',
                'The mean is '.DataPlot::quantity($this->sample->mean())->rounded()
                    ->number().', the median '.Quantity::of($this->sample->median())
                    ->number().'.',
            ),
        ];
    }

    public function smallest(): Box
    {
        return new Box(0, 0, 550, 340);
    }

    public function scene(Box $box, RenderContext $context): array
    {
        $y = $box->bottom() - 128;
        $scale = Scale::covering(
            $this->sample->least()->toFloat(),
            $this->sample->most()->toFloat(),
            (int) max(3, $box->width / 90),
            $box->x + 40,
            $box->right() - 40,
        );
        $labels = new Labels($box, $context->type);
        $line = [Shape::polyline([[$box->x + 16, $y], [$box->right() - 16, $y]], Paint::outlined(Paint::INK, 3))];
        foreach ($scale->ticks() as $tick) {
            $line[] = Shape::polyline([[$scale->at($tick), $y], [$scale->at($tick), $y + 12]], Paint::outlined(Paint::INK, 3));
            $line[] = $labels->optional($scale->written($tick), $scale->at($tick), $y + 40, new TextStyle(28, Paint::INK, false, 0.5));
        }
        $counts = [];
        $dots = [];
        $highest = max(array_count_values(array_map(
            static fn (BigRational $value): string => (string) $value->simplified(),
            $this->values,
        )));
        $radius = min(14.0, ($y - $box->y - 44) / (2.2 * $highest));
        foreach ($this->values as $value) {
            $level = $counts[(string) $value->simplified()] = ($counts[(string) $value->simplified()] ?? 0) + 1;
            $dots[] = Shape::circle(
                $scale->at($value->toFloat()),
                $y - 6 - $radius * 2.2 * ($level - 0.5),
                $radius,
                Paint::outlined('#FFFFFF', 1.5, $context->strong),
            );
        }
        $title = $labels->optional($this->name, $box->middleX(), $box->y + 26, new TextStyle(28, Paint::QUIET, true, 0.5));

        return [
            'line' => array_values(array_filter([...$line, $title])),
            'dots' => $dots,
            'middle' => [
                ...$this->marker(
                    'mean '.DataPlot::quantity($this->sample->mean())->rounded()->number(),
                    $scale->at($this->sample->mean()->toFloat()),
                    $y,
                    '#A34A00',
                    $labels,
                ),
                ...$this->marker(
                    'median '.Quantity::of($this->sample->median())->number(),
                    $scale->at($this->sample->median()->toFloat()),
                    $y,
                    $context->strong,
                    $labels,
                ),
            ],
        ];
    }

    public function words(): string
    {
        return "Dots over a number line of {$this->name}: ".implode(
            ', ',
            array_map(static fn (BigRational $value): string => Quantity::of($value)->number(), array_slice($this->values, 0, 40)),
        ).(count($this->values) > 40 ? ' and so on' : '').'.';
    }

    public function practice(DataPractice $practice): Variation
    {
        return $practice->dots();
    }

    /** @return list<Shape> */
    private function marker(string $label, float $x, float $y, string $colour, Labels $labels): array
    {
        return [
            Shape::polygon([[$x, $y + 2], [$x - 10, $y + 18], [$x + 10, $y + 18]], Paint::filled($colour)),
            ...$labels->near($label, $x, $y + 50, new TextStyle(30, $colour, true), 8, -90),
        ];
    }
}
