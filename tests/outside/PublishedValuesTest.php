<?php

declare(strict_types=1);

namespace Tests\Outside;

use Daybright\Lesson\PartKind;
use Daybright\Maths\Checking\EqualityChecker;
use Daybright\Maths\Quantity;
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
}
