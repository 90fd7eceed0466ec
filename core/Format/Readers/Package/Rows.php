<?php

declare(strict_types=1);

namespace Daybright\Format\Readers\Package;

/** Rows of a table, all of the same length. */
final class Rows
{
    /**
     * @param  list<list<string>>  $rows
     * @return list<non-empty-list<string>> none where there is no cell
     */
    public static function even(array $rows): array
    {
        $width = max([0, ...array_map(count(...), $rows)]);
        $even = [];
        foreach ($width === 0 ? [] : $rows as $row) {
            $cells = array_pad($row, $width, '');
            $even[] = $cells === [] ? [''] : $cells;
        }

        return $even;
    }
}
