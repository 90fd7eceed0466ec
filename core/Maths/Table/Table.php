<?php

declare(strict_types=1);

namespace Daybright\Maths\Table;

use Brick\Math\BigRational;
use Daybright\Maths\MathsError;
use Daybright\Maths\Quantity;

/** Rows of cells, some of them worked out of others, some left for a student to fill. */
final readonly class Table
{
    /** @param  list<list<Cell>>  $rows all equally long */
    private function __construct(private array $rows, public bool $hasHead)
    {
    }

    /**
     * @param  list<list<string>>  $rows as typed; shorter ones are filled up with empty cells
     * @param  bool  $hasHead whether the first row names the columns
     */
    public static function read(array $rows, bool $hasHead): self
    {
        $columns = max([0, ...array_map(count(...), $rows)]);

        return new self(array_map(
            static fn (array $row): array => array_map(Cell::read(...), array_pad($row, $columns, '')),
            $rows,
        ), $hasHead);
    }

    public function rowCount(): int
    {
        return count($this->rows);
    }

    public function columnCount(): int
    {
        return count($this->rows[0] ?? []);
    }

    public function cell(int $row, int $column): Cell
    {
        return $this->rows[$row][$column];
    }

    /** What is read in a cell: worked out where it is to be, and “…” where that cannot be done. */
    public function shown(int $row, int $column): string
    {
        $cell = $this->rows[$row][$column];
        if ($cell->working === null) {
            return $cell->text;
        }
        try {
            $worked = $this->worked($row, $column);

            return $worked === null ? '…' : self::readable($worked)->written();
        } catch (MathsError) {
            return '…';
        }
    }

    /**
     * The number of a cell, written or worked out; null for words.
     *
     * @throws MathsError where it cannot be worked out
     */
    public function quantity(int $row, int $column): ?Quantity
    {
        return $this->rows[$row][$column]->working === null
            ? $this->rows[$row][$column]->quantity()
            : $this->worked($row, $column);
    }

    /** The name of a column, or its number where it has none. */
    public function head(int $column): string
    {
        $name = $this->hasHead ? trim($this->rows[0][$column]->text ?? '') : '';

        return $name !== '' ? $name : 'column '.($column + 1);
    }

    public function isNumeric(int $column): bool
    {
        $below = array_slice($this->rows, $this->hasHead ? 1 : 0);

        return array_filter($below, static fn (array $row): bool => $row[$column]->isWords()) === [];
    }

    /** @return list<array{int, int}> rows and columns of the cells that a student fills, from 0 */
    public function asked(): array
    {
        $asked = [];
        foreach ($this->rows as $row => $cells) {
            foreach ($cells as $column => $cell) {
                if ($cell->isAsked) {
                    $asked[] = [$row, $column];
                }
            }
        }

        return $asked;
    }

    /** @param  array<string, string>  $given “row-column” => what a student wrote */
    public function filledWith(array $given): self
    {
        $rows = [];
        foreach ($this->rows as $row => $cells) {
            $rows[] = array_map(
                static fn (Cell $cell, int $column): Cell => $cell->isAsked ? $cell->filled($given["{$row}-{$column}"] ?? '') : $cell,
                $cells,
                array_keys($cells),
            );
        }

        return new self($rows, $this->hasHead);
    }

    public function isEmpty(): bool
    {
        return array_filter(array_merge(...$this->rows), static fn (Cell $cell): bool => $cell->text !== '' || $cell->isAsked) === [];
    }

    /** Whether there is a number for every row in the column that a plot shows first: the second, or the only one. */
    public function hasNumbers(): bool
    {
        $column = min(1, $this->columnCount() - 1);
        $rows = array_filter(
            array_slice($this->rows, $this->hasHead ? 1 : 0),
            static fn (array $cells): bool => array_filter($cells, static fn (Cell $cell): bool => $cell->working !== null) === [],
        );

        return $rows !== []
            && array_filter($rows, static fn (array $cells): bool => $cells[$column]->quantity() === null) === [];
    }

    /** The first cell that cannot be worked out, in a sentence; null when all can. */
    public function trouble(): ?string
    {
        foreach ($this->rows as $row => $cells) {
            foreach ($cells as $column => $cell) {
                try {
                    if ($cell->working !== null && $this->worked($row, $column) === null) {
                        return 'There is no number above the '.$cell->working->value.' in '.$this->place($row, $column).'.';
                    }
                } catch (MathsError $error) {
                    return 'The '.$cell->working->value.' in '.$this->place($row, $column).' cannot be worked out. '.$error->getMessage();
                }
            }
        }

        return null;
    }

    public function place(int $row, int $column): string
    {
        return 'row '.($row + 1).', '.$this->head($column);
    }

    /**
     * Its names and numbers with a semicolon between, for a plot: without what is worked out, and without units, which the heads name.
     *
     * @param  int  $most columns
     */
    public function separated(int $most): string
    {
        $lines = [];
        $columns = range(0, max(0, min($most, $this->columnCount()) - 1));
        foreach ($this->rows as $row => $cells) {
            if (array_filter($cells, static fn (Cell $cell): bool => $cell->working !== null) !== []) {
                continue;
            }
            $lines[] = implode(';', array_map(fn (int $column): string => $this->forPlot($row, $column), $columns));
        }

        return implode("\n", $lines);
    }

    private function forPlot(int $row, int $column): string
    {
        $cell = $this->rows[$row][$column];
        $text = $this->hasHead && $row === 0
            ? $cell->text.$this->unitBehind($column)
            : $cell->quantity()?->typedNumber() ?? $cell->text;

        return '"'.str_replace('"', '', $text).'"';
    }

    private function unitBehind(int $column): string
    {
        foreach (array_slice($this->rows, 1) as $cells) {
            $unit = $cells[$column]->quantity()?->unit;
            if ($unit !== null && ! $unit->isNone()) {
                return str_contains($cells[$column]->text, $unit->symbol()) ? ' in '.$unit->symbol() : '';
            }
        }

        return '';
    }

    /** Exact where it ends soon, otherwise rounded. */
    public static function readable(Quantity $worked): Quantity
    {
        $isShort = BigRational::of(10000)->multipliedBy($worked->value)->simplified()->getDenominator()->isEqualTo(1);

        return $isShort ? $worked : $worked->rounded();
    }

    /** @throws MathsError */
    private function worked(int $row, int $column): ?Quantity
    {
        $numbers = $beside = [];
        $working = $this->rows[$row][$column]->working;
        for ($above = $this->hasHead ? 1 : 0; $above < $row; $above++) {
            $number = $this->rows[$above][$column]->quantity();
            $first = $this->rows[$above][0]->quantity();
            if ($number !== null && ($first !== null || $working !== Working::Rate)) {
                $numbers[] = $number;
                $beside[] = $first ?? $number;
            }
        }

        return $numbers === [] || $beside === [] ? null : $working?->of($numbers, $beside);
    }
}
