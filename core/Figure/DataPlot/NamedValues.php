<?php

declare(strict_types=1);

namespace Daybright\Figure\DataPlot;

use Brick\Math\BigRational;
use Daybright\Figure\Drawing\Series;
use Daybright\Figure\Drawing\Table;
use Daybright\Figure\Fact;
use Daybright\Figure\InvalidQuantities;
use Daybright\Maths\Quantity;
use Daybright\Maths\Statistics\Sample;
use Daybright\Scene\Box;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;

/** A column of names and up to three columns of numbers: what bars and lines have in common. */
final readonly class NamedValues
{
    /**
     * @param  non-empty-list<string>  $names
     * @param  non-empty-array<string, non-empty-list<BigRational>>  $series name => values, one for each name
     */
    private function __construct(public array $names, public array $series)
    {
    }

    /** @throws InvalidQuantities */
    public static function fromRows(Rows $rows, int $most): self
    {
        DataPlot::refuseColumns($rows, 2, 'Bars and lines need a column of names and at least one of numbers.');
        if (count($rows->cells) > $most) {
            throw InvalidQuantities::because(
                'There are '.count($rows->cells)." rows: only {$most} can be read side by side. Leave some out or put some together.",
                'table',
            );
        }
        $series = [];
        for ($column = 1; $column < $rows->columns(); $column++) {
            $head = $rows->heads[$column];
            $series[isset($series[$head]) ? "{$head} {$column}" : $head] = $rows->numbers($column);
        }
        if ($series === []) {
            throw InvalidQuantities::because('There is no column of numbers in the table.', 'table');
        }

        return new self(array_map(static fn (array $cells): string => $cells[0], $rows->cells), $series);
    }

    /** @return list<Fact> */
    public function facts(): array
    {
        $facts = [];
        foreach (array_values($this->series) as $number => $values) {
            $suffix = $number === 0 ? '' : ' '.chr(97 + $number);
            $sample = new Sample($values);
            $name = array_keys($this->series)[$number];
            $greatest = array_filter($values, static fn (BigRational $each): bool => $each->isEqualTo($sample->most()));
            $most = $this->names[array_key_first($greatest) ?? 0];
            $facts = [...$facts,
                Fact::quantity("total{$suffix}", DataPlot::quantity($sample->sum()), "all of {$name}"),
                Fact::quantity("mean{$suffix}", DataPlot::quantity($sample->mean()), "the mean of {$name}"),
                Fact::quantity("range{$suffix}", Quantity::of($sample->range()), "the range of {$name}"),
                Fact::quantity("most{$suffix}", Quantity::of($sample->most()), "the greatest of {$name}"),
                Fact::quantity("least{$suffix}", Quantity::of($sample->least()), "the least of {$name}"),
                Fact::words("top{$suffix}", $most, "where {$name} is greatest"),
                Fact::quantity(
                    "change{$suffix}",
                    Quantity::of($values[count($values) - 1]->minus($values[0])),
                    "from the first to the last of {$name}",
                ),
            ];
        }

        return $facts;
    }

    /** @return array{float, float} least and most value, zero among them when asked for */
    public function limits(bool $fromZero): array
    {
        $all = array_map(static fn (BigRational $value): float => $value->toFloat(), array_merge(...array_values($this->series)));

        return $fromZero ? [min(0.0, ...$all), max(0.0, ...$all)] : [min($all), max($all)];
    }

    public function words(): string
    {
        $sentences = [];
        foreach ($this->series as $name => $values) {
            $each = array_map(
                static fn (string $at, BigRational $value): string => "{$at} ".Quantity::of($value)->number(),
                $this->names,
                $values,
            );
            $sentences[] = "{$name}: ".implode(', ', $each);
        }

        return implode('. ', $sentences).'.';
    }

    /**
     * Which look belongs to which series; nothing for a single one.
     *
     * @return list<Shape>
     */
    public function key(Box $box, RenderContext $context): array
    {
        if (count($this->series) < 2) {
            return [];
        }
        $shapes = [];
        $room = $box->width / count($this->series);
        foreach (array_keys($this->series) as $number => $name) {
            $series = new Series($number, $context);
            $x = $box->x + $number * $room;
            [$written, $style] = Table::cut($name, $room - 44, new TextStyle(28, $series->colour, true), $context->type);
            $shapes[] = $series->mark($x + 14, $box->y + 14, 11);
            $shapes[] = $context->type->label($written, $x + 34, $box->y + 24, $style);
        }

        return $shapes;
    }
}
