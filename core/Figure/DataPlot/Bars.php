<?php

declare(strict_types=1);

namespace Daybright\Figure\DataPlot;

use Daybright\Figure\Drawing\Axes;
use Daybright\Figure\Drawing\Hatching;
use Daybright\Figure\Drawing\Labels;
use Daybright\Figure\Drawing\Series;
use Daybright\Figure\Drawing\Table;
use Daybright\Figure\FigureStep;
use Daybright\Figure\Variation;
use Daybright\Maths\Quantity;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;

/** A bar for each value, from zero. */
final readonly class Bars implements Plot
{
    private const KEY = 40.0;

    private function __construct(private NamedValues $values, private string $title)
    {
    }

    public static function fromRows(Rows $rows): self
    {
        return new self(NamedValues::fromRows($rows, 12), $rows->heads[1] ?? '');
    }

    public function facts(): array
    {
        return $this->values->facts();
    }

    public function steps(): array
    {
        return [
            new FigureStep(
                'axes',
                'the axes',
                'The bars begin at zero. Upwards we read '.implode(' and ', array_keys($this->values->series)).'.',
            ),
            new FigureStep('bars', 'the bars', 'There is a bar for each: '.implode(', ', $this->values->names).'.'),
            new FigureStep('values', 'the values', 'The heights are the values.'),
        ];
    }

    public function smallest(): Box
    {
        return new Box(0, 0, min(1430.0, max(550.0, 110 + 92.0 * count($this->values->names))), 360 + ($this->hasKey() ? self::KEY : 0));
    }

    public function scene(Box $box, RenderContext $context): array
    {
        $names = 40.0;
        $key = $this->hasKey() ? self::KEY : 0.0;
        $plotBox = new Box($box->x, $box->y + $key, $box->width, $box->height - $key - $names);
        $axes = Axes::in($plotBox, $context, [0, 1], $this->values->limits(true), '', $this->hasKey() ? '' : $this->title, false, false);
        $count = count($this->values->names);
        $slot = $axes->plot->width / $count;
        $series = array_values($this->values->series);
        $width = min(120.0, $slot * 0.76 / count($series));
        $labels = new Labels($box, $context->type);
        $pieces = [
            'axes' => [...$axes->shapes, ...$this->values->key(new Box($box->x, $box->y, $box->width, self::KEY), $context)],
            'bars' => [],
            'values' => [],
        ];
        foreach ($this->values->names as $at => $name) {
            $middle = $axes->plot->x + ($at + 0.5) * $slot;
            [$written, $style] = Table::cut($name, $slot - 8, new TextStyle(30, Paint::INK, false, 0.5), $context->type);
            $pieces['axes'][] = $context->type->label($written, $middle, $box->bottom() - 12, $style);
            foreach ($series as $number => $values) {
                $left = $middle + ($number - count($series) / 2) * $width;
                [$zero, $top] = [$axes->up->at(0), $axes->up->at($values[$at]->toFloat())];
                $bar = new Box($left, min($zero, $top), $width, max(1.0, abs($zero - $top)));
                array_push($pieces['bars'], ...$this->bar($bar, $number, $context));
                $pieces['values'][] = $labels->optional(
                    Quantity::of($values[$at])->number(),
                    $bar->middleX(),
                    ($top <= $zero ? $bar->y - 8 : $bar->bottom() + 30),
                    new TextStyle(28, Paint::INK, true, 0.5),
                );
            }
        }
        $pieces['values'] = array_values(array_filter($pieces['values']));

        return $pieces;
    }

    public function words(): string
    {
        return 'Bars. '.$this->values->words();
    }

    public function practice(DataPractice $practice): Variation
    {
        return $practice->named('bars', $this->title, $this->values->names);
    }

    private function hasKey(): bool
    {
        return count($this->values->series) > 1;
    }

    /** @return list<Shape> */
    private function bar(Box $bar, int $number, RenderContext $context): array
    {
        // Slanted, full and empty: told apart without colour.
        return match ($number) {
            0 => Hatching::lines($bar, $context),
            1 => [Shape::rectangle($bar, Paint::outlined(Paint::INK, 3, (new Series(1, $context))->colour))],
            default => [Shape::rectangle($bar, Paint::outlined((new Series(2, $context))->colour, 5, '#FFFFFF'))],
        };
    }
}
