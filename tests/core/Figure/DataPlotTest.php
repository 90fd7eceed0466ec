<?php

declare(strict_types=1);

namespace Tests\Core\Figure;

use Daybright\Figure\DataPlot\DataPlot;
use Daybright\Lesson\Fields;
use PHPUnit\Framework\TestCase;

final class DataPlotTest extends TestCase
{
    use ChecksFigures;
    use ChecksVariation;

    /**
     * F. J. Anscombe, “Graphs in Statistical Analysis”, The American Statistician 27 (1973): four sets with the same mean of x (9),
     * mean of y (7.50), r (0.816) and line y = 3.00 + 0.500 x. Data from memory, checked against these published sums.
     */
    public function test_anscombes_quartet(): void
    {
        $x = [10, 8, 13, 9, 11, 14, 6, 4, 12, 7, 5];
        $sets = [
            [$x, [8.04, 6.95, 7.58, 8.81, 8.33, 9.96, 7.24, 4.26, 10.84, 4.82, 5.68]],
            [$x, [9.14, 8.14, 8.74, 8.77, 9.26, 8.10, 6.13, 3.10, 9.13, 7.26, 4.74]],
            [$x, [7.46, 6.77, 12.74, 7.11, 7.81, 8.84, 6.08, 5.39, 8.15, 6.42, 5.73]],
            [[8, 8, 8, 8, 8, 8, 8, 19, 8, 8, 8], [6.58, 5.76, 7.71, 8.84, 8.47, 7.04, 5.25, 12.50, 5.56, 7.91, 6.89]],
        ];
        foreach ($sets as $number => [$across, $up]) {
            $plot = self::plot('scatter', implode("\n", array_map(static fn ($a, $b): string => "{$a}\t{$b}", $across, $up)));
            $facts = array_column(
                array_map(static fn ($fact): array => [$fact->name, $fact->quantity?->value->toFloat()], $plot->facts()),
                1,
                0,
            );
            self::assertSame(9.0, $facts['mean across']);
            self::assertEqualsWithDelta(7.50, $facts['mean up'], 0.002, "set {$number}");
            self::assertEqualsWithDelta(0.816, $facts['r'], 0.0011);
            self::assertEqualsWithDelta(0.500, $facts['slope'], 0.0005);
            self::assertEqualsWithDelta(3.00, $facts['intercept'], 0.003);
        }
        self::assertSame(
            '(13, 12.74)',
            self::facts(self::plot(
                'scatter',
                implode("\n", array_map(static fn (float $a, float $b): string => "{$a},{$b}", $sets[2][0], $sets[2][1])),
            ))['far'],
        );
    }

    public function test_values_of_a_sample(): void
    {
        // Worked by hand: 2 4 4 5 7 9 has mean 31/6, median 4.5, mode 4, range 7, quartiles 4 and 7.
        $facts = self::facts(self::plot('dots', "n\n2\n9\n4\n7\n4\n5"));
        self::assertSame(
            ["≈\u{00A0}5.17", '4.5', '4', '7', '4', '7'],
            [$facts['mean'], $facts['median'], $facts['mode'], $facts['range'], $facts['lower quartile'], $facts['upper quartile']],
        );
        self::assertSame('none', self::facts(self::plot('dots', "1\n2\n3"))['mode']);
    }

    public function test_a_table_is_read_however_it_was_pasted(): void
    {
        $expected = self::facts(self::plot('lines', "Day,Heron\nMon,3.5\nTue,4"));
        foreach ([
            "Day\tHeron\nMon\t3.5\nTue\t4",
            "Day;Heron\r\nMon;3,5\r\nTue;4",
            "\"Day\",\"Heron\"\n\"Mon\",3.5\n\n\"Tue\",4",
        ] as $pasted) {
            self::assertSame($expected, self::facts(self::plot('lines', $pasted)));
        }
    }

    public function test_a_table_that_cannot_be_plotted_gets_a_sentence(): void
    {
        self::assertRefused(DataPlot::class, ['kind' => 'lines', 'table' => "Day\tHerons\nMonday\t4"], 'table', 'at least two rows');
        self::assertRefused(DataPlot::class, ['kind' => 'scatter', 'table' => "1, 2\n3"], 'table', 'Give every row as many');
        self::assertRefused(DataPlot::class, ['kind' => 'scatter', 'table' => "a, 2\n3, many"], 'table', 'is not a number');
        self::assertRefused(DataPlot::class, ['kind' => 'scatter', 'table' => "1\n3"], 'table', 'two columns');
        self::assertRefused(DataPlot::class, ['kind' => 'bars', 'table' => ''], 'table', 'still empty');
        self::assertRefused(
            DataPlot::class,
            ['kind' => 'bars', 'table' => implode("\n", array_map(static fn ($n): string => "thing {$n}, {$n}", range(1, 13)))],
            'table',
            'only 12',
        );
        self::assertRefused(DataPlot::class, ['kind' => 'lines', 'table' => "year, birds\n2020, 3\n2019, 4"], 'table', 'must rise');
        self::assertRefused(DataPlot::class, ['kind' => 'lines', 'table' => "a,b,c,d,e\n1,2,3,4,5"], 'table', 'at most 4');
    }

    /** @return non-empty-list<DataPlot> */
    protected static function kinds(): array
    {
        return [
            self::plot('scatter', "x, y\n1, 2\n2, 4\n3, 5"), self::plot('dots', "minutes\n3\n5\n8"),
            self::plot('bars', "Day, Herons\nMonday, 4\nTuesday, 7\nFriday, 2"), self::plot(
                'lines',
                "Month, Rain\nMay, 40\nJune, 55\nJuly, 61\nAugust, 30",
            ),
        ];
    }

    /** @return non-empty-list<DataPlot> */
    protected static function randomFigures(int $seed): array
    {
        mt_srand($seed);
        $figures = [];
        $number = static fn (): string => (string) (mt_rand(-200, 2000) / [1, 10, 100][mt_rand(0, 2)]);
        for ($round = 0; $round < 60; $round++) {
            $rows = mt_rand(3, 11);
            $pairs = array_map(static fn (): string => $number().', '.$number(), range(0, $rows));
            $figures[] = self::plot('scatter', "hours of sunshine, growth in millimetres\n".implode("\n", $pairs));
            $figures[] = self::plot('dots', "minutes\n".implode("\n", array_map(static fn (): int => mt_rand(1, 12), range(0, $rows + 8))));
            $series = mt_rand(1, 3);
            $named = array_map(
                static fn (int $row): string => ['Monday', 'Tuesday', 'Wed', 'Thursday', 'Friday'][$row % 5]
                    .' '
                    .$row
                    .str_repeat(', '.mt_rand(-30, 900), $series),
                range(0, $rows),
            );
            $head = 'Day, '.implode(', ', array_slice(['Herons counted', 'Wrens counted', 'Swallows'], 0, $series));
            $figures[] = self::plot('bars', "{$head}\n".implode("\n", $named));
            $figures[] = self::plot('lines', "{$head}\n".implode("\n", $named));
        }

        return $figures;
    }

    private static function plot(string $kind, string $table): DataPlot
    {
        return DataPlot::from(new Fields(['kind' => $kind, 'table' => $table, 'line' => true]));
    }
}
