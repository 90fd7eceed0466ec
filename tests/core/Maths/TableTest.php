<?php

declare(strict_types=1);

namespace Tests\Core\Maths;

use Daybright\Maths\Table\Table;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TableTest extends TestCase
{
    /** @return iterable<string, array{list<string>, string, string}> */
    public static function columns(): iterable
    {
        yield 'a sum keeps its unit' => [['20 cm', '40 cm'], '{sum}', "60\u{A0}cm"];
        yield 'units of one kind are added' => [['1 m', '20 cm'], '{sum}', "1.2\u{A0}m"];
        yield 'a mean that ends' => [['3', '4', '6', '9'], '{mean}', '5.5'];
        yield 'a mean that does not end is rounded' => [['1', '2', '2'], '{mean}', '1.67'];
        yield 'a difference is from the first to the last' => [['12 °C', '15 °C', '9 °C'], '{difference}', "−3\u{A0}°C"];
        yield 'words between numbers are passed over' => [['2', 'not measured', '4'], '{sum}', '6'];
        yield 'thousandths are not lost' => [['1.125', '1.1'], '{sum}', '2.225'];
        yield 'nothing above' => [['none'], '{sum}', '…'];
        yield 'a length and a time' => [['2 m', '3 s'], '{sum}', '…'];
    }

    /** @param  list<string>  $cells */
    #[DataProvider('columns')]
    public function test_a_cell_works_on_the_column_above_it(array $cells, string $formula, string $expected): void
    {
        $table = Table::read([['Head'], ...array_map(static fn (string $cell): array => [$cell], $cells), [$formula]], true);
        self::assertSame($expected, $table->shown(count($cells) + 1, 0));
        self::assertSame($expected === '…', $table->trouble() !== null);
    }

    public function test_a_rate_is_the_change_of_a_column_for_each_of_the_first(): void
    {
        $table = Table::read([['Time', 'Depth'], ['0 h', '4 m'], ['2 h', '5 m'], ['4 h', '10 m'], ['', '{rate}']], true);
        self::assertSame("1.5\u{A0}m/h", $table->shown(4, 1));
        $still = Table::read([['2 h', '4 m'], ['2 h', '5 m'], ['', '{rate}']], false);
        self::assertSame('…', $still->shown(2, 1));
        self::assertStringContainsString('The rate in row 3, column 2 cannot be worked out.', (string) $still->trouble());
    }

    public function test_a_name_that_is_no_working_is_text(): void
    {
        self::assertSame('{median}', Table::read([['3'], ['{median}']], false)->shown(1, 0));
    }

    public function test_shorter_rows_are_filled_up(): void
    {
        $table = Table::read([['a', 'b'], ['c']], false);
        self::assertSame(2, $table->columnCount());
        self::assertSame('', $table->shown(1, 1));
    }

    public function test_what_is_asked_is_not_part_of_the_text(): void
    {
        $table = Table::read([['Stick', 'Shadow'], ['20', ' ?31 cm'], ['40', '?']], true);
        self::assertSame([[1, 1], [2, 1]], $table->asked());
        self::assertSame('31 cm', $table->shown(1, 1));
        self::assertTrue($table->cell(2, 1)->isOpen());
    }

    public function test_a_plot_gets_heads_with_their_units_and_no_worked_rows(): void
    {
        $table = Table::read([['Stick', 'Shadow, long'], ['20 cm', '31 cm'], ['40 cm', '59 cm'], ['', '{mean}']], true);
        self::assertSame("\"Stick in cm\";\"Shadow, long in cm\"\n\"20\";\"31\"\n\"40\";\"59\"", $table->separated(4));
        self::assertSame("\"Stick in cm\"\n\"20\"\n\"40\"", $table->separated(1));
    }

    public function test_a_plot_waits_for_the_numbers_of_the_column_that_it_shows(): void
    {
        $table = static fn (string ...$cells): Table => Table::read([['Day', 'Height', 'Note'], ['1', ...$cells], ['3', '7 cm', '']], true);
        self::assertTrue($table('4 cm', '?')->hasNumbers());
        self::assertTrue($table('?4 cm', '')->hasNumbers());
        self::assertFalse($table('?', '')->hasNumbers());
        self::assertFalse($table('', '')->hasNumbers());
        self::assertFalse(Table::read([['Day', 'Height']], true)->hasNumbers());
    }

    public function test_what_a_student_measured_takes_the_place_of_what_was_asked(): void
    {
        $table = Table::read([['20', '?31'], ['40', '?'], ['', '{sum}']], false);
        $filled = $table->filledWith(['0-1' => '30', '1-1' => '{sum}']);
        self::assertSame('30', $filled->shown(0, 1));
        // What a student writes is never worked out.
        self::assertNull($filled->cell(1, 1)->working);
        self::assertSame('30', $filled->shown(2, 1));
        self::assertSame([], $filled->asked());
    }
}
