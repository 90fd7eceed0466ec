<?php

declare(strict_types=1);

namespace Tests\Core\Maths\Checking;

use Daybright\Maths\Checking\EqualityChecker;
use Daybright\Maths\Checking\Verdict;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class EqualityCheckerTest extends TestCase
{
    /** @return iterable<array{string}> */
    public static function right(): iterable
    {
        yield ['14 × 30 = 420'];
        yield ['so 12 × 12 = 144.'];
        yield ['3/4 + 1/2 = 5/4'];
        yield ['1 1/2 + 1/4 = 1 3/4'];
        yield ['2.4 m = 240 cm'];
        yield ['4 cm × 5 cm × 6 cm = 120 cm³'];
        yield ['30% of 50 kg = 15 kg'];
        yield ['£3.50 + £1.25 = £4.75'];
        yield ['60 km ÷ 2 h = 30 km/h'];
        yield ['√(9 + 16) = 5'];
        yield ['12 divided by 4 is 3'];
        yield ['0.1 + 0.2 = 0.3'];
        yield ['22/7 = 3.14'];
        yield ['19 × 5 ≈ 100'];
        yield ['1 h = 60 min'];
        yield ['7.2 km ÷ 3 = 2.4 km'];
        yield ['1,200 + 300 = 1,500'];
        yield ['V = 2 m × 3 m × 4 m = 24 m³'];
        yield ['3 × 4 = 12 cm'];
        yield ['10 000 + 500 = 10 500'];
        yield ['3 1/2 + 1/2 = 4'];
        yield ['2 × 3 = 6 and 5 × 5 = 25'];
        yield ['Speed = 100 ÷ 20 = 5 m/s'];
        yield ['20 °C + 5 °C = 25 degrees'];
        yield ['60 + 60 + 60 = 180°'];
        yield ['15 ÷ 4 = 3 r 3'];
        yield ['17 ÷ 5 = 3 with 2 left over'];
        yield ['15 divided by 4 is 3 remainder 3'];
        yield ['1 h 30 min = 90 min'];
        yield ['2 m 40 cm + 70 cm = 3 m 10 cm'];
        yield ['There are 60 minutes in an hour.'];
        yield ['A square metre is 10,000 square centimetres.'];
        yield ['So 2.5 kg is 2500 g.'];
        yield ['Three quarters of twenty is fifteen.'];
        yield ['Two thirds of 12 eggs is 8 eggs.'];
        yield ['A quarter is 25%, and a third is 33%.'];
        yield ['0.2 is the same as one fifth.'];
        yield ['Six times two hundred is 1,200.'];
        yield ['Nine squared is eighty-one.'];
        yield ['The square root of 49 is 7.'];
        yield ['Six lots of nine are fifty-four.'];
        yield ['Double 14 is 28.'];
        yield ['Take 9 from 15 and you have 6.'];
        yield ['Two from ten leaves eight.'];
        yield ['If you add four to nine you get thirteen.'];
        yield ['8 pints = 1 gallon'];
        yield ['One and a half is 1.5.'];
        yield ['5! = 120'];
        yield ['5 more than 3 = 8'];
        yield ['3 kW × 2 h = 6 kWh'];
        // Rounded in class (common practice); exact 1.609344 km and 2.54 cm by NIST SP 811.
        yield ['1 mile = 1.6 km'];
        yield ['1 inch = 2.5 cm'];
    }

    #[DataProvider('right')]
    public function test_right_sums_pass(string $text): void
    {
        $found = EqualityChecker::check($text);
        self::assertNotSame([], $found, 'nothing was found to check');
        foreach ($found as $equality) {
            self::assertTrue($equality->holds(), $equality->sentence);
        }
    }

    /** @return iterable<array{string, string, string}> text, verdict, correction */
    public static function wrong(): iterable
    {
        yield ['14 × 30 = 450', 'false', '420'];
        yield ['7/8 is 0.85', 'false', '0.875'];
        yield ['7/8 = 0.88', 'false', '0.875'];
        yield ['3/4 + 1/2 = 4/6', 'false', '5/4'];
        yield ['2.4 m = 24 cm', 'false', "240\u{00A0}cm"];
        yield ['10% of 80 = 0.8', 'false', '8'];
        yield ['4 × 1 m = 5 m', 'false', "4\u{00A0}m"];
        yield ['4 cm × 5 cm × 6 cm = 120 cm', 'unit of the wrong kind', "120\u{00A0}cm³"];
        yield ['3 m × 4 m = 12 m', 'unit of the wrong kind', "12\u{00A0}m²"];
        yield ['5 m × 3 = 15', 'unit missing', "15\u{00A0}m"];
        yield ['£3.50 + £1.25 = £4.70', 'false', '£4.75'];
        yield ['1 h = 100 min', 'false', "60\u{00A0}min"];
        yield ['√16 = 8', 'false', '4'];
        yield ['2^3 = 6', 'false', '8'];
        yield ['so 1 m² = 100 cm²', 'false', "10\u{202F}000\u{00A0}cm²"];
        yield ['Question 3: 4 × 5 = 21', 'false', '20'];
        yield ['1250 g = 1.3 kg', 'false', "1.25\u{00A0}kg"];
        yield ['1 inch = 2.6 cm', 'false', "2.54\u{00A0}cm"];
        yield ['9 000 + 1 500 = 9 500', 'false', "10\u{202F}500"];
        yield ['mean = 2 + 4 + 6 ÷ 3 = 4', 'false', '8'];
        yield ['15 ÷ 4 = 3 remainder 2', 'false', '3 remainder 3'];
        yield ['15 ÷ 4 = 2 r 7', 'false', '3 remainder 3'];
        yield ['1 h 30 min = 130 min', 'false', "90\u{00A0}min"];
        yield ['3 h 20 min − 45 min = 2 h 25 min', 'false', "2\u{00A0}h 35\u{00A0}min"];
        yield ['There are 100 metres in a kilometre.', 'false', "1000\u{00A0}m"];
        yield ['A third is 0.3.', 'false', '1/3'];
        yield ['Three quarters of 20 is 16.', 'false', '15'];
        yield ['A square metre is 100 square centimetres.', 'false', "10\u{202F}000\u{00A0}cm²"];
        yield ['Nine squared is eighteen.', 'false', '81'];
        yield ['So 6 lots of 9 is 56.', 'false', '54'];
        yield ['Two from ten leaves seven.', 'false', '8'];
    }

    #[DataProvider('wrong')]
    public function test_wrong_sums_are_found_and_put_right(string $text, string $verdict, string $correction): void
    {
        $found = EqualityChecker::check($text);
        self::assertCount(1, $found);
        self::assertSame($verdict, $found[0]->verdict->value);
        self::assertSame($correction, $found[0]->correction);
        self::assertStringContainsString($correction, $found[0]->sentence);
    }

    /** @return iterable<array{string}> */
    public static function notSums(): iterable
    {
        yield ['x = 5'];
        yield ['2x + 3 = 7'];
        yield ['The score was 3-2.'];
        yield ['See page 4 = the poem.'];
        yield ['Verse 3:16 is short.'];
        yield ['On 24/11/2026 we met.'];
        yield ['The ratio is 3 : 2.'];
        yield ['a = b + c'];
        yield ['y = 3 x'];
        yield ['He is 7.'];
        yield ['Room 12 is upstairs.'];
        yield ['Act 1 = the storm'];
        yield ['Ratio 2:3 = 4:6'];
        yield ['3 : 4 = 6 : 8'];
        yield ['Scale 1:50 = 2 cm to 1 m'];
        yield ['The train leaves at 9:05 = five past nine'];
        yield ['half past 3 = 15:30'];
        yield ['Room 12 = 30 pupils'];
        yield ['Day 1 = 5, Day 2 = 7'];
        yield ['In 2024 = 366 days'];
        yield ['20% off £50 = £40'];
        yield ['3 km in 15 min = 12 km/h'];
        yield ['2 m and 3 m makes 5 m'];
        yield ['2 and 3 × 4 = 14'];
        yield ['20 °C = 68 °F'];
        yield ['sin 30 = 1/2'];
        yield ['20 × 10 = 2 hundred'];
        yield ['1/2 + 1/4 = 3 quarters'];
        yield ['4 m ÷ 2 = 2 pieces'];
        yield ['2H2 + O2 = 2H2O'];
        yield ['5 + ? = 8'];
        yield ['Is 7 × 8 = 54?'];
        yield ['Sam wrote 5 + 5 = 11.'];
        yield ['True or false: 7 × 8 = 54'];
        yield ["Find the mistake.\n7 × 8 = 54"];
        yield ['7 × 8 = 54 is wrong.'];
        yield ['5 m 3 cm 200 = 8'];
        yield ['Minus 3 squared is 9.'];
        yield ['1 pint = 473 ml'];
        yield ['A quarter is 10 minutes.'];
        yield ['A third is 0.3 kg lighter.'];
        yield ['Two groups of three are in the yard.'];
        yield ['More than double 14 is 30.'];
        yield ['Twenty minutes is 1 mile for me.'];
        yield ['Figure 2 A = 24 cm²'];
        yield ['20 in all'];
    }

    #[DataProvider('notSums')]
    public function test_what_is_no_sum_is_left_alone(string $text): void
    {
        self::assertSame([], EqualityChecker::check($text));
    }

    public function test_a_measure_without_its_unit_or_with_a_wrong_one_is_found_by_its_name(): void
    {
        self::assertSame(Verdict::UnitMissing, EqualityChecker::check('volume = 4 × 5 × 6 = 120')[0]->verdict);
        self::assertSame(Verdict::UnitOfTheWrongKind, EqualityChecker::check('Volume = 60 cm')[0]->verdict);
        self::assertSame(
            [],
            array_filter(EqualityChecker::check('volume = 4 × 5 × 6 = 120 cm³'), static fn ($equality): bool => ! $equality->holds()),
        );
    }

    public function test_every_link_of_a_chain_is_checked(): void
    {
        $found = EqualityChecker::check('2 + 3 = 5 = 4 + 2');
        self::assertSame([true, false], array_map(static fn ($equality): bool => $equality->holds(), $found));
    }
}
