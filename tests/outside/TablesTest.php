<?php

declare(strict_types=1);

namespace Tests\Outside;

use Daybright\Maths\Table\Table;
use PDO;
use PHPUnit\Framework\TestCase;

/** Sums and means of columns against those of SQLite (sqlite.org, “Built-in Aggregate Functions”: sum and avg). */
final class TablesTest extends TestCase
{
    public function test_sums_and_means_of_random_columns(): void
    {
        $database = new PDO('sqlite::memory:');
        mt_srand(2604);
        for ($round = 0; $round < 200; $round++) {
            $cells = array_map(
                static fn (): string => (string) (mt_rand(-99999, 99999) / [1, 10, 100][mt_rand(0, 2)]),
                range(1, mt_rand(1, 12)),
            );
            $rows = [...array_map(static fn (string $cell): array => [$cell, $cell], $cells), ['{sum}', '{mean}']];
            $table = Table::read($rows, false);
            $values = implode(',', array_map(static fn (string $cell): string => "({$cell})", $cells));
            $expected = $database->query("SELECT sum(column1), avg(column1) FROM (VALUES {$values})");
            self::assertNotFalse($expected);
            /** @var array{float|int, float|int} $row */
            $row = $expected->fetch(PDO::FETCH_NUM);
            foreach ($row as $column => $value) {
                $worked = $table->quantity(count($cells), $column)?->value->toFloat();
                self::assertEqualsWithDelta((float) $value, $worked, 1e-9 * max(1.0, abs((float) $value)), implode(' ', $cells));
            }
        }
    }
}
