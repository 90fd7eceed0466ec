<?php

declare(strict_types=1);

namespace Daybright\Format\Readers\Slides;

use Daybright\Figure\DataPlot\DataPlot;
use Daybright\Figure\InvalidQuantities;
use Daybright\Lesson\Fields;

/** A chart on a slide that is brought in: its numbers, and the plot that they make here. */
final readonly class ReadChart implements ReadPiece
{
    private const UNNAMED = 'name';

    /**
     * @param  non-empty-list<non-empty-list<string>>  $rows a head row, then categories with their numbers
     * @param  array<string, mixed>  $quantities of a data plot
     */
    private function __construct(public array $rows, public array $quantities, private int $click)
    {
    }

    /**
     * @param  non-empty-list<non-empty-list<string>>  $rows all of the same length
     * @param  string  $kind of plot: “scatter”, “bars” or “lines”
     * @return self|ReadTable a table where a plot cannot show that much
     */
    public static function plotted(array $rows, string $kind, int $click): self|ReadTable
    {
        $unnamed = $kind === 'scatter' ? 'x' : self::UNNAMED;
        // A plot knows its columns by their heads; a chart often says nothing over its categories.
        $rows[0][0] = $rows[0][0] === '' ? $unnamed : $rows[0][0];
        $named = array_map(static fn (array $row): string => implode("\t", $row), $rows);
        $quantities = ['kind' => $kind, 'table' => implode("\n", $named), 'line' => false];
        try {
            DataPlot::from(new Fields($quantities));

            return new self($rows, $quantities, $click);
        } catch (InvalidQuantities) {
            return new ReadTable($rows, true, true, $click);
        }
    }

    public function figure(): DataPlot
    {
        return DataPlot::from(new Fields($this->quantities));
    }

    public function click(): int
    {
        return $this->click;
    }
}
