<?php

declare(strict_types=1);

namespace Tests\Core\Maths;

use Daybright\Maths\MathsError;
use Daybright\Maths\Quantity;
use Daybright\Maths\Units;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class QuantityTest extends TestCase
{
    /** @return iterable<array{string, string}> */
    public static function writings(): iterable
    {
        yield ['2.50', '2.5'];
        yield ['2/4', '0.5'];
        yield ['2/3', '2/3'];
        yield ['-2/3', '−2/3'];
        yield ['1/8', '0.125'];
        yield ['1/128', '1/128'];
        yield ['-7', '−7'];
        yield ['9999', '9999'];
        yield ['10000', "10\u{202F}000"];
        yield ['1234567.5', "1\u{202F}234\u{202F}567.5"];
        yield ['£3.5', '£3.50'];
        yield ['£3', '£3'];
        yield ['45 p', '45p'];
        yield ['12.5%', '12.5%'];
        yield ['90°', '90°'];
        yield ['20 °C', "20\u{00A0}°C"];
        yield ['3 litres', "3\u{00A0}L"];
        yield ['1 h 30 min', "90\u{00A0}min"];
        yield ['5 ft 3 in', "63\u{00A0}in"];
        yield ['2 kg 300 g', "2300\u{00A0}g"];
        yield ['5 €', '€5'];
        yield ['3 kg m²/s²', "3\u{00A0}kg m²/s²"];
        yield ['3 A', "3\u{00A0}A"];
        yield ['250 µm', "250\u{00A0}μm"];
        yield ['20 °F', "20\u{00A0}°F"];
        yield ['√2', '1.4142'];
        yield ['√(9/4)', '1.5'];
    }

    #[DataProvider('writings')]
    public function test_a_quantity_is_written_as_in_class(string $typed, string $written): void
    {
        self::assertSame($written, Quantity::read($typed)->written());
    }

    /** @return iterable<array{string, string, string}> */
    public static function conversions(): iterable
    {
        yield ['2.4 m', 'cm', '240'];
        yield ['1 m²', 'cm²', '10000'];
        yield ['1 m³', 'litres', '1000'];
        yield ['250 ml', 'litres', '1/4'];
        yield ['90 km/h', 'm/s', '25'];
        yield ['2 days', 'h', '48'];
        yield ['£2.40', 'p', '240'];
        yield ['0.5 kg', 'g', '500'];
        yield ['3 ha', 'm²', '30000'];
        yield ['1 kWh', 'MJ', '3.6'];
        yield ['4 kV', 'mV', '4000000'];
        yield ['1 hPa', 'Pa', '100'];
        yield ['8 pints', 'gallons', '1'];
        yield ['20 cc', 'ml', '20'];
    }

    #[DataProvider('conversions')]
    public function test_units_are_changed_exactly_and_back(string $from, string $to, string $value): void
    {
        $changed = Quantity::read($from)->in(Units::read($to));
        self::assertTrue($changed->value->isEqualTo($value), $changed->written());
        self::assertTrue($changed->in(Quantity::read($from)->unit)->equals(Quantity::read($from)));
    }

    public function test_products_and_quotients_carry_their_units(): void
    {
        self::assertSame('a volume', Quantity::read('2 cm × 3 cm × 4 cm')->unit->kindInWords());
        self::assertSame('a speed', Quantity::read('100 m ÷ 20 s')->unit->kindInWords());
        self::assertSame('a plain number', Quantity::read('6 m ÷ 150 cm')->unit->kindInWords());
        self::assertSame('4', Quantity::read('6 m ÷ 150 cm')->written());
        self::assertSame('a force', Quantity::read('2 kg × 3 m/s²')->unit->kindInWords());
        self::assertTrue(Quantity::read('2 kg × 3 m/s²')->equals(Quantity::read('6 N')));
        self::assertTrue(Quantity::read('5 N × 2 m')->equals(Quantity::read('10 J')));
    }

    public function test_a_percent_takes_on_the_unit_of_what_it_is_of(): void
    {
        self::assertSame("15\u{00A0}kg", Quantity::read('30% of 50 kg')->written());
        self::assertSame("15\u{00A0}kg", Quantity::read('50 kg × 30%')->written());
        self::assertTrue(Quantity::read('25%')->equals(Quantity::read('1/4')));
    }

    public function test_sums_are_in_the_unit_of_the_first(): void
    {
        self::assertSame("2.3\u{00A0}m", Quantity::read('2 m + 30 cm')->written());
        self::assertSame("170\u{00A0}cm", Quantity::read('200 cm − 0.3 m')->written());
    }

    public function test_whether_it_is_whole_and_exact(): void
    {
        self::assertTrue(Quantity::read('4/2')->isWhole());
        self::assertFalse(Quantity::read('5/2')->isWhole());
        self::assertTrue(Quantity::read('√16')->exact);
        self::assertFalse(Quantity::read('√15')->exact);
        self::assertTrue(Quantity::read('√15 × √15')->equals(Quantity::read('15')));
    }

    /** @return iterable<array{string, string}> */
    public static function impossible(): iterable
    {
        yield ['5 ÷ 0', 'divided by zero'];
        yield ['0^-1', 'divided by zero'];
        yield ['√(0 − 4)', 'no square root'];
        yield ['(0 − 2)^0.5', 'no square root'];
        yield ['2^(3 m)', 'without a unit'];
        yield ['2^2001', 'larger than can be worked out'];
        yield ['(((((9^20)^20)^20)^20)^20)', 'larger than can be worked out'];
        yield ['1e999999999', 'larger than can be worked out'];
        yield [str_repeat('9', 80), 'larger than can be worked out'];
        yield ['99!', 'from 0 to 60'];
        yield [str_repeat('(', 60).'1'.str_repeat(')', 60), 'too many brackets'];
        yield ['6 ÷ 2(1+2)', 'read in two ways (character 6)'];
        yield ['200 + 10%', 'percent of what'];
        yield ['3 m + 4', 'm is a length'];
        yield ['3 m² − 1 m', 'm² is an area'];
        yield ['2 + speed', 'no value yet'];
        yield ['1 1/0', 'divided by zero'];
    }

    #[DataProvider('impossible')]
    public function test_what_cannot_be_worked_out_gets_a_sentence(string $typed, string $sentence): void
    {
        $this->expectException(MathsError::class);
        $this->expectExceptionMessage($sentence);
        Quantity::read($typed);
    }

    public function test_unknown_units_are_named(): void
    {
        $this->expectExceptionMessage('“furlongs” is not a unit');
        Units::read('furlongs');
    }

    public function test_spellings_of_a_unit_are_one_unit(): void
    {
        foreach ([
            ['cm³', 'cm^3', 'cubic centimetres', 'cubic cm'],
            ['m/s', 'metres per second', 'm per s'],
            ['km/h', 'kilometres per hour'],
            ['L', 'l', 'litre', 'Litres', 'liters'],
        ] as $spellings) {
            foreach ($spellings as $spelling) {
                self::assertTrue(Quantity::of(1, Units::read($spellings[0]))->equals(Quantity::of(1, Units::read($spelling))), $spelling);
            }
        }
    }

    public function test_each_measure_is_written_as_it_is_read(): void
    {
        $written = array_map(
            static fn (array $case): array => [$case[0], str_replace(["\u{00A0}", "\u{202F}"], ' ', Quantity::read($case[0])->written())],
            require __DIR__.'/written.php',
        );
        self::assertSame(require __DIR__.'/written.php', $written);
    }

    public function test_what_can_be_read_in_two_ways_is_asked_about(): void
    {
        foreach (['6 ÷ 2(1 + 2)', '8 ÷ 4(2)', '3 + 50%', '200 − 10%'] as $sum) {
            try {
                Quantity::read($sum);
                self::fail("{$sum} was read");
            } catch (MathsError $error) {
                self::assertMatchesRegularExpression('/two ways|percent of what/', $error->getMessage());
            }
        }
    }

    public function test_inverse_functions_are_read_as_they_are_typed(): void
    {
        foreach (['sin⁻¹(0.5)', 'sin^-1(0.5)', 'sin^(-1)(0.5)', 'sin^−1 (1/2)'] as $typed) {
            self::assertSame('30°', Quantity::read($typed)->written(), $typed);
        }
        self::assertSame('2', Quantity::read('sin(30°)^-1')->written());
        $this->expectExceptionMessage('could be of degrees or of radians');
        Quantity::read('sin(30)');
    }
}
