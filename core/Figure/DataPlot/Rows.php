<?php

declare(strict_types=1);

namespace Daybright\Figure\DataPlot;

use Brick\Math\BigRational;
use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\Reading;

/** A table as it was pasted from a spreadsheet or typed: a head row if there is one, and rows of cells. */
final readonly class Rows
{
    private const MOST_ROWS = 200;

    /**
     * @param  non-empty-list<string>  $heads
     * @param  non-empty-list<non-empty-list<string>>  $cells all rows equally long
     */
    private function __construct(public array $heads, public array $cells)
    {
    }

    /**
     * Columns are told apart by tabs, semicolons, commas or, failing those, spaces.
     *
     * @throws InvalidQuantities
     */
    public static function read(string $pasted): self
    {
        $lines = array_values(array_filter(
            explode("\n", str_replace("\r", '', $pasted)),
            static fn (string $line): bool => trim($line) !== '',
        ));
        if ($lines === []) {
            throw InvalidQuantities::because(
                'There is no table yet. Paste one from a spreadsheet, or type a row on each line with commas between.',
                'table',
            );
        }
        $sign = self::sign($lines);
        $rows = array_map(static fn (string $line): array => self::cells($line, $sign), $lines);
        $columns = count($rows[0]);
        foreach ($rows as $number => $row) {
            if (count($row) !== $columns) {
                throw InvalidQuantities::because(
                    'Row '
                        .($number + 1)
                        .' has '
                        .count($row)
                        .' '
                        .(count($row) === 1 ? 'cell' : 'cells')
                        .", the first row has {$columns}. Give every row as many.",
                    'table',
                );
            }
        }
        if ($columns > 4) {
            throw InvalidQuantities::because(
                "The table has {$columns} columns. A plot shows at most 4: names and three sets of numbers.",
                'table',
            );
        }
        $first = $rows[0];
        $second = $rows[1] ?? null;
        // A head row has no number where the row under it has one.
        $isHead = $second !== null
            && array_filter(
                array_keys($first),
                static fn (int $column): bool => self::number($first[$column]) === null && self::number($second[$column]) !== null,
            ) !== [];
        $body = $isHead ? array_slice($rows, 1) : $rows;
        if ($body === [] || count($body) > self::MOST_ROWS) {
            throw InvalidQuantities::because('A plot takes from 1 to '.self::MOST_ROWS.' rows. There are '.count($body).'.', 'table');
        }
        $heads = $isHead ? $first : array_map(static fn (int $column): string => ['x', 'y', 'z', 'w'][$column], array_keys($first));

        return new self(array_map(static fn (string $head): string => mb_substr($head, 0, 24), $heads), $body);
    }

    /**
     * @return non-empty-list<BigRational>
     *
     * @throws InvalidQuantities
     */
    public function numbers(int $column): array
    {
        $numbers = [];
        foreach ($this->cells as $row => $cells) {
            $numbers[] = self::number($cells[$column] ?? '') ?? throw InvalidQuantities::because(
                '“'
                    .($cells[$column] ?? '')
                    .'” in row '
                    .($row + 1)
                    .', column '
                    .($column + 1)
                    .', is not a number. Correct it, or choose bars or lines for a table that begins with names.',
                'table',
            );
        }

        return $numbers;
    }

    public function isNumeric(int $column): bool
    {
        return array_filter($this->cells, static fn (array $cells): bool => self::number($cells[$column] ?? '') === null) === [];
    }

    public function columns(): int
    {
        return count($this->heads);
    }

    private static function number(string $cell): ?BigRational
    {
        return Reading::asNumber((string) preg_replace('/^([-−]?\d+),(\d+)$/u', '$1.$2', trim($cell)));
    }

    /** @param  non-empty-list<string>  $lines */
    private static function sign(array $lines): string
    {
        foreach (["\t", ';', ','] as $sign) {
            if (str_contains($lines[0], $sign)) {
                return $sign;
            }
        }

        return ' ';
    }

    /** @return non-empty-list<string> */
    private static function cells(string $line, string $sign): array
    {
        $cells = $sign === ' ' ? preg_split('/\s+/u', trim($line)) : str_getcsv($line, $sign, '"', '');
        $cells = array_map(static fn (?string $cell): string => trim((string) $cell), $cells === false ? [$line] : $cells);

        return $cells === [] ? [$line] : $cells;
    }
}
