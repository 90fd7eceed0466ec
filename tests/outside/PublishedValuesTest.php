<?php

declare(strict_types=1);

namespace Tests\Outside;

use Brick\Math\BigRational;
use Daybright\Figure\FunctionGraph\Curve;
use Daybright\Figure\Timeline\Year;
use Daybright\Lesson\PartKind;
use Daybright\Maths\Checking\EqualityChecker;
use Daybright\Maths\Quantity;
use Daybright\Maths\Statistics\LeastSquares;
use Daybright\Maths\Units;
use Daybright\Scene\Paint;
use Daybright\Watching\ItemStatistics;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Checks against values that others published; the source stands beside each. */
final class PublishedValuesTest extends TestCase
{
    /**
     * NIST Special Publication 811 (2008), appendix B.8: factors in bold are exact. Values from memory.
     *
     * @return iterable<array{string, string, string}>
     */
    public static function factors(): iterable
    {
        yield ['1 inch', 'm', '0.0254'];
        yield ['1 foot', 'm', '0.3048'];
        yield ['1 yard', 'm', '0.9144'];
        yield ['1 mile', 'm', '1609.344'];
        yield ['1 lb', 'kg', '0.45359237'];
        yield ['1 mile/h', 'm/s', '0.44704'];
        yield ['1 litre', 'cm³', '1000'];
        yield ['1 ha', 'm²', '10000'];
        yield ['1 day', 's', '86400'];
        yield ['1 gal', 'litres', '4.54609'];
        yield ['1 kWh', 'J', '3600000'];
        // By their definitions: 4840 square yards, 14 pounds.
        yield ['1 acre', 'm²', '4046.8564224'];
        yield ['1 stone', 'kg', '6.35029318'];
        yield ['1 km/h', 'm/s', '5/18'];
    }

    #[DataProvider('factors')]
    public function test_unit_factors(string $from, string $unit, string $factor): void
    {
        self::assertTrue(Quantity::read($from)->in(Units::read($unit))->value->isEqualTo(Quantity::read($factor)->value));
    }

    public function test_recurring_decimals_are_not_taken_for_ending_ones(): void
    {
        // Period of 1/7 = 0.142857…: any table of reciprocals. From memory.
        self::assertTrue(EqualityChecker::check('1/7 = 0.142857')[0]->holds());
        self::assertFalse(EqualityChecker::check('1/7 = 0.142858')[0]->holds());
        // 22/7 = 3.142857…, Archimedes’ upper bound for π. From memory.
        self::assertTrue(EqualityChecker::check('22/7 ≈ 3.1429')[0]->holds());
    }

    public function test_pythagorean_triples(): void
    {
        // Triples listed in any handbook (Abramowitz and Stegun do not; Euclid, Elements X.29 gives the rule). From memory.
        foreach ([[3, 4, 5], [5, 12, 13], [8, 15, 17], [20, 21, 29]] as [$a, $b, $c]) {
            self::assertTrue(EqualityChecker::check("√({$a}² + {$b}²) = {$c}")[0]->holds());
        }
    }

    public function test_facility_of_an_item(): void
    {
        // Classical test theory: facility is the mean mark over the highest mark. 18 of 24 students right gives 0.75 (common practice).
        $marks = [...array_fill(0, 18, [1, 1]), ...array_fill(0, 6, [0, 1])];
        self::assertEqualsWithDelta(0.75, ItemStatistics::facility($marks), 1e-12);
    }

    /** @return iterable<string, array{string, string}> */
    public static function colours(): iterable
    {
        foreach (PartKind::cases() as $part) {
            yield $part->label().' on its tint' => [$part->strong(), $part->tint()];
            yield $part->label().' on white' => [$part->strong(), '#FFFFFF'];
        }
        yield 'ink on paper' => [Paint::INK, Paint::PAPER];
        yield 'quiet on paper' => [Paint::QUIET, Paint::PAPER];
        yield 'action on paper' => [Paint::ACTION, Paint::PAPER];
    }

    /** WCAG 2.2, success criterion 1.4.3: 4.5 : 1, with the relative luminance of its glossary. */
    #[DataProvider('colours')]
    public function test_text_colours_have_contrast(string $text, string $ground): void
    {
        $light = self::luminance($text);
        $dark = self::luminance($ground);
        self::assertGreaterThanOrEqual(4.5, (max($light, $dark) + 0.05) / (min($light, $dark) + 0.05));
    }

    public function test_the_contrast_formula_gives_the_published_extremes(): void
    {
        // WCAG 2.2: contrast ratios range from 1 to 21.
        self::assertEqualsWithDelta(21, (self::luminance('#FFFFFF') + 0.05) / (self::luminance('#000000') + 0.05), 1e-9);
    }

    private static function luminance(string $colour): float
    {
        $channels = array_map(static function (string $part): float {
            $value = hexdec($part) / 255;

            return $value <= 0.04045 ? $value / 12.92 : (($value + 0.055) / 1.055) ** 2.4;
        }, str_split(ltrim($colour, '#'), 2));

        return 0.2126 * $channels[0] + 0.7152 * $channels[1] + 0.0722 * $channels[2];
    }

    /**
     * NIST Statistical Reference Datasets, linear regression, “Norris”: 36 observations, certified slope 1.00211681802045 and
     * intercept −0.262323073774029, R² 0.999993745883712. Data from memory; a slip in them would not give the certified values.
     */
    public function test_least_squares_give_the_certified_values_of_norris(): void
    {
        $data = '0.1 0.2, 338.8 337.4, 118.1 118.2, 888.0 884.6, 9.2 10.1, 228.1 226.5, 668.5 666.3, 998.5 996.3, 449.1 448.6, 778.9 777.0, 559.2 558.2, 0.3 0.4, 0.1 0.6, 778.1 775.5, 668.8 666.9, 339.3 338.0, 448.9 447.5, 10.8 11.6, 557.7 556.0, 228.3 228.1, 998.0 995.8, 888.8 887.6, 119.6 120.2, 0.3 0.3, 0.6 0.3, 557.6 556.8, 339.3 339.1, 888.0 887.2, 998.5 999.0, 778.9 779.0, 10.2 11.1, 117.6 118.3, 228.9 229.2, 668.4 669.1, 449.2 448.9, 0.2 0.5';
        $pairs = array_map(static function (string $pair): array {
            [$y, $x] = explode(' ', trim($pair));

            return [BigRational::of($x), BigRational::of($y)];
        }, explode(',', $data));
        self::assertCount(36, $pairs);
        $fit = LeastSquares::through($pairs);
        self::assertNotNull($fit);
        self::assertEqualsWithDelta(1.00211681802045, $fit->slope->toFloat(), 1e-13);
        self::assertEqualsWithDelta(-0.262323073774029, $fit->intercept->toFloat(), 1e-12);
        self::assertEqualsWithDelta(0.999993745883712, $fit->r ** 2, 1e-12);
    }

    /** ISO 8601 numbers 1 BCE as 0000 and 2 BCE as −0001; a year has no number 0 in the spoken count. */
    public function test_years_before_the_common_era_are_numbered_as_iso_8601_does(): void
    {
        self::assertSame(
            [0, -1, -43, 1, 2026],
            array_map(
                static fn (array $year): int => Year::numbered($year[0], $year[1])->astronomical,
                [[1, true], [2, true], [44, true], [1, false], [2026, false]],
            ),
        );
        self::assertSame('44 BCE', Year::numbered(44, true)->written());
    }

    /** Standard calculus tables: roots of x³ − 6x² + 11x − 6 are 1, 2 and 3; y = x e^x is least at x = −1, where it is −1/e. */
    public function test_roots_and_turning_points_of_the_tables(): void
    {
        self::assertEqualsWithDelta([1.0, 2.0, 3.0], Curve::parse('x³ − 6x² + 11x − 6', 0, 4)->roots, 1e-9);
        [$turn] = Curve::parse('x exp(x)', -3, 1)->turns;
        self::assertEqualsWithDelta(-1.0, $turn[0], 1e-6);
        self::assertEqualsWithDelta(-1 / M_E, $turn[1], 1e-9);
    }
}
