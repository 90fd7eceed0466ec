<?php

declare(strict_types=1);

namespace Daybright\Figure\DataPlot;

use Brick\Math\BigRational;
use Daybright\Figure\Drawing\Axes;
use Daybright\Figure\Drawing\Labels;
use Daybright\Figure\Drawing\Series;
use Daybright\Figure\FigureStep;
use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\Variation;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;

/** Values joined by lines; where the first column holds numbers, such as years, they stand to scale. */
final readonly class Lines implements Plot
{
    private const KEY = 40.0;

    /** @param  list<float>|null  $places numbers of the first column, null when it holds names */
    private function __construct(private NamedValues $values, private string $across, private string $up, private ?array $places)
    {
    }

    public static function fromRows(Rows $rows): self
    {
        $values = NamedValues::fromRows($rows, 60);
        if (count($values->names) < 2) {
            throw InvalidQuantities::because('A line goes from one row to the next: give at least two rows.', 'table');
        }
        if (! $rows->isNumeric(0)) {
            return new self(NamedValues::fromRows($rows, 12), $rows->heads[0], $rows->heads[1], null);
        }
        $places = array_map(static fn (BigRational $value): float => $value->toFloat(), $rows->numbers(0));
        foreach (array_slice($places, 1) as $number => $place) {
            if ($place <= $places[$number]) {
                throw InvalidQuantities::because(
                    "The numbers of the first column must rise from row to row: {$values->names[$number + 1]} comes after {$values->names[$number]}. Sort the table.",
                    'table',
                );
            }
        }

        return new self($values, $rows->heads[0], $rows->heads[1], $places);
    }

    public function facts(): array
    {
        return $this->values->facts();
    }

    public function steps(): array
    {
        $steps = [new FigureStep('axes', 'the axes', "Across we put {$this->across}.")];
        foreach (array_keys($this->values->series) as $number => $name) {
            $steps[] = new FigureStep('line-'.($number + 1), $name, "This line shows {$name}.");
        }

        return $steps;
    }

    public function smallest(): Box
    {
        $names = $this->places === null ? 110 + 80.0 * count($this->values->names) : 550.0;

        return new Box(0, 0, min(1430.0, max(550.0, $names)), 360 + (count($this->values->series) > 1 ? self::KEY : 0));
    }

    public function scene(Box $box, RenderContext $context): array
    {
        $hasKey = count($this->values->series) > 1;
        $key = $hasKey ? self::KEY : 0.0;
        $names = $this->places === null ? 40.0 : 0.0;
        $count = count($this->values->names);
        $places = $this->places ?? array_map(static fn (int $at): float => $at + 0.5, range(0, $count - 1));
        $across = $this->places === null ? [0.0, (float) $count] : [$places[0], $places[$count - 1]];
        $axes = Axes::in(
            new Box($box->x, $box->y + $key, $box->width, $box->height - $key - $names),
            $context,
            [$across[0], max($across[1], $across[0] + 1e-9)],
            $this->values->limits(false),
            $this->places === null ? '' : $this->across,
            $hasKey ? '' : $this->up,
            false,
            $this->places !== null,
            array_filter($places, static fn (float $place): bool => floor($place) !== $place) === [] ? 1 : 0,
        );
        $pieces = ['axes' => [...$axes->shapes, ...$this->values->key(new Box($box->x, $box->y, $box->width, self::KEY), $context)]];
        // Names stand at even distances, across the whole plot.
        $at = fn (int $number): float => $this->places === null
            ? $axes->plot->x + $axes->plot->width * ($number + 0.5) / $count
            : $axes->across->at($places[$number]);
        if ($this->places === null) {
            $labels = new Labels($box, $context->type);
            foreach ($this->values->names as $number => $name) {
                $pieces['axes'][] = $labels->optional($name, $at($number), $box->bottom() - 12, new TextStyle(30, Paint::INK, false, 0.5));
            }
        }
        $pieces['axes'] = array_values(array_filter($pieces['axes']));
        foreach (array_values($this->values->series) as $number => $values) {
            $series = new Series($number, $context);
            $points = array_map(
                static fn (BigRational $value, int $row): array => [$at($row), $axes->up->at($value->toFloat())],
                $values,
                array_keys($values),
            );
            $pieces['line-'.($number + 1)] = [
                Shape::polyline($points, $series->line()),
                ...array_map(static fn (array $point): Shape => $series->mark($point[0], $point[1]), $points),
            ];
        }

        return $pieces;
    }

    public function words(): string
    {
        return 'Lines. '.$this->values->words();
    }

    public function practice(DataPractice $practice): Variation
    {
        return $practice->named('lines', (string) array_key_first($this->values->series), $this->values->names);
    }
}
