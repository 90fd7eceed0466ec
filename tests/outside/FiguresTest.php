<?php

declare(strict_types=1);

namespace Tests\Outside;

use Daybright\Figure\Fact;
use Daybright\Figure\Figures;
use Daybright\Figure\Solid\Solid;
use Daybright\Lesson\Fields;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What figures work out, against what others have published; the source stands beside each check. */
final class FiguresTest extends TestCase
{
    /** OEIS A034836, the number of boxes with whole edges and volume n, for n from 1 to 30. From memory. */
    public function test_boxes_of_each_volume(): void
    {
        $published = [1, 1, 1, 2, 1, 2, 1, 3, 2, 2, 1, 4, 1, 2, 2, 4, 1, 4, 1, 4, 2, 2, 1, 6, 2, 2, 3, 4, 1, 5];
        $counted = array_map(
            static fn (int $volume): int => count(
                Solid::from(new Fields(['mode' => 'volume', 'volume' => $volume, 'unit' => 'cm', 'view' => 'box']))->boxesOfSameVolume(),
            ),
            range(1, 30),
        );
        self::assertSame($published, $counted);
    }

    /** Rhind papyrus, problem 24: a quantity and its seventh part together are 19; the quantity is 16 + 1/2 + 1/8. From memory. */
    public function test_the_quantity_of_ahmes(): void
    {
        $facts = self::facts(
            'bar-model',
            ['mode' => 'parts', 'parts' => 8, 'shaded' => 7, 'known' => 'whole', 'amount' => '19', 'unit' => ''],
        );
        self::assertSame('16.625', $facts['shaded']);
    }

    /** Galileo, Two New Sciences (1638): from rest, distances in equal times are as the odd numbers. From memory. */
    public function test_distances_of_a_fall_are_as_the_odd_numbers(): void
    {
        $fallen = array_map(
            static fn (int $seconds): float => self::number(
                self::facts('motion-graph', ['u' => '0', 'a' => '10', 't' => (string) $seconds, 'view' => 'both'])['displacement'],
            ),
            [1, 2, 3, 4, 5],
        );
        $steps = array_map(
            static fn (float $one, float $before): float => ($one - $before) / $fallen[0],
            $fallen,
            [0.0, ...array_slice($fallen, 0, 4)],
        );
        self::assertSame([1.0, 3.0, 5.0, 7.0, 9.0], $steps);
    }

    /** Standard gravity is 9.80665 m/s² (third CGPM, 1901): half of it is fallen in the first second. */
    public function test_the_first_second_of_a_fall(): void
    {
        self::assertSame(
            "4.903325\u{00A0}m",
            self::facts('motion-graph', ['u' => '0', 'a' => '9.80665', 't' => '1', 'view' => 'both'])['displacement'],
        );
    }

    /**
     * Of the numbers from 1 to 100, 26 have no divisor among 2, 3 and 5 (an exercise of every textbook of counting; counted here once
     * more).
     */
    public function test_numbers_without_small_divisors(): void
    {
        $count = static fn (int ...$by): string => (string) count(array_filter(
            range(1, 100),
            static fn (int $number): bool => array_filter($by, static fn (int $each): bool => $number % $each !== 0) === [],
        ));
        $facts = self::facts(
            'venn',
            [
                'sets' => 'three',
                'nameA' => 'by two',
                'nameB' => 'by three',
                'nameC' => 'by five',
                'total' => '100',
                'A' => $count(2),
                'B' => $count(3),
                'C' => $count(5),
                'AB' => $count(2, 3),
                'AC' => $count(2, 5),
                'BC' => $count(3, 5),
                'ABC' => $count(2, 3, 5),
            ],
        );
        self::assertSame(
            ['74', '26', '27', '13/50'],
            [$facts['any'], $facts['neither'], $facts['only first'], $facts['chance of neither']],
        );
    }

    /** @return iterable<string, array{string, string}> events, years between them */
    public static function spans(): iterable
    {
        // The count from the founding of the city put 753 BCE at 1, so that the year n of the common era is its year n + 753.
        yield 'the years of the city of Rome' => ["753 BCE: the city is founded\n2026: today", '2778'];
        // The Julian Period began in 4713 BCE; its year 1 is reckoned as −4712 (astronomers' tables).
        yield 'the Julian Period' => ["4713 BCE: it begins\n2000: a century ends", '6712'];
        // The 2000th return of the Ides of March of 44 BCE fell into 1957, not 1956: there was no year 0.
        yield 'two thousand years after the Ides of March' => ["44 BCE: the Ides of March\n1957: two thousand years on", '2000'];
    }

    #[DataProvider('spans')]
    public function test_years_across_the_eras(string $events, string $years): void
    {
        self::assertSame((float) $years, self::number(self::facts('timeline', ['events' => $events])['span']));
    }

    /** The roots of x² − x − 1 are the golden ratio 1.6180339887… and its fellow −0.6180339887… (OEIS A001622). */
    public function test_the_golden_ratio(): void
    {
        $facts = self::facts('function-graph', ['functions' => 'x² − x − 1', 'from' => '-3', 'to' => '3', 'table' => '']);
        self::assertEqualsWithDelta([-0.618, 1.618], [self::number($facts['root one']), self::number($facts['root two'])], 0.005);
    }

    /** @return iterable<string, array{string, float, string}> formula, area in square units, family; tables of polar curves */
    public static function curves(): iterable
    {
        yield 'a cardioid has 3πa²/2' => ['1 + cos θ', 3 * M_PI / 2, 'a cardioid'];
        yield 'a convex limaçon has π(a² + b²/2)' => ['4 + sin θ', M_PI * 16.5, 'a convex limaçon'];
        yield 'a dimpled limaçon too' => ['3 + 2 sin θ', M_PI * 11, 'a dimpled limaçon'];
    }

    #[DataProvider('curves')]
    public function test_areas_and_families_of_limacons(string $formula, float $area, string $family): void
    {
        $facts = self::facts('polar-graph', ['radius' => $formula]);
        self::assertSame($family, $facts['family']);
        self::assertEqualsWithDelta($area, self::number($facts['area']), 0.005 * $area);
    }

    /** Archimedes, Measurement of a Circle: the circumference lies between 3 10/71 and 3 1/7 diameters. */
    public function test_the_circumference_lies_where_archimedes_put_it(): void
    {
        $circumference = self::number(
            self::facts('plane-shape', ['shape' => 'circle', 'diameter' => '1000', 'unit' => 'cm'])['circumference'],
        );
        self::assertGreaterThan(1000 * 223 / 71, $circumference);
        self::assertLessThan(1000 * 22 / 7, $circumference);
    }

    /** The repetend of 1/17 (OEIS A021021) and of 1/13 (A021017), in any table of reciprocals. From memory. */
    public function test_repetends(): void
    {
        self::assertSame('0588235294117647', self::repetend('1/17'));
        self::assertSame('076923', self::repetend('1/13'));
    }

    private static function repetend(string $share): string
    {
        return self::facts('equivalence', ['share' => $share] + Figures::called('equivalence')::blank())['recurring'];
    }

    /**
     * @param  array<string, mixed>  $quantities
     * @return array<string, string>
     */
    private static function facts(string $figure, array $quantities): array
    {
        return array_column(
            array_map(
                static fn (Fact $fact): array => [$fact->name, $fact->written],
                Figures::draw($figure, new Fields($quantities))->facts(),
            ),
            1,
            0,
        );
    }

    private static function number(string $written): float
    {
        preg_match('/−?[\d\x{202F}]+(?:\.\d+)?/u', $written, $match);

        return (float) str_replace(['−', "\u{202F}"], ['-', ''], $match[0]);
    }
}
