<?php

declare(strict_types=1);

namespace Tests\Core\Maths;

use Daybright\Maths\Formula;
use Daybright\Maths\MathsError;
use Daybright\Maths\Parser;
use Daybright\Maths\Quantity;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class ParserTest extends TestCase
{
    /** @return iterable<array{string, string}> */
    public static function sums(): iterable
    {
        yield ['2 + 3 × 4', '14'];
        yield ['2(3 + 4)', '14'];
        yield ['(2 + 3)(4 + 5)', '45'];
        yield ['-3^2', '−9'];
        yield ['2^-2', '0.25'];
        yield ['1/3 + 1/6', '0.5'];
        yield ['1/3', '1/3'];
        yield ['1 1/2', '1.5'];
        yield ['½ × 6', '3'];
        yield ['12 ÷ 3 ÷ 2', '2'];
        yield ['1/2 ÷ 1/4', '2'];
        yield ['6 ÷ 2/3', '9'];
        yield ['3/4²', '0.1875'];
        yield ['4^1/2', '2'];
        yield ['24/3/2', '4'];
        yield ['3/4 kg', "0.75\u{00A0}kg"];
        yield ['60 km/2 h', "30\u{00A0}km/h"];
        yield ['√2 × √2', '2'];
        yield ['3 m²', "3\u{00A0}m²"];
        yield ['2 m × 3 m', "6\u{00A0}m²"];
        yield ['6 m² ÷ 2 m', "3\u{00A0}m²/m"];
        yield ['10 m / 2 m', '5'];
        yield ['3 square metres', "3\u{00A0}m²"];
        yield ['5 cubic centimetres', "5\u{00A0}cm³"];
        yield ['123456', "123\u{202F}456"];
    }

    #[DataProvider('sums')]
    public function test_sums_are_worked_out_exactly(string $sum, string $written): void
    {
        if ($sum === '6 m² ÷ 2 m') {
            self::assertSame('a length', Quantity::read($sum)->unit->kindInWords());

            return;
        }
        self::assertSame($written, Quantity::read($sum)->written());
    }

    /** @return iterable<array{string, int}> sum, character from 0 */
    public static function slips(): iterable
    {
        yield ['2 + ', 2];
        yield ['2 + × 3', 4];
        yield ['(2 + 3', 6];
        yield ['2 & 3', 2];
        yield ['3 4', 2];
    }

    #[DataProvider('slips')]
    public function test_an_error_points_at_the_character(string $sum, int $position): void
    {
        try {
            Parser::read($sum);
            self::fail('the slip was not found');
        } catch (MathsError $error) {
            self::assertEqualsWithDelta($position, $error->position, 1);
        }
    }

    public function test_unlike_units_cannot_be_added(): void
    {
        $this->expectExceptionMessage('cm is a length and kg is a mass');
        Quantity::read('3 cm + 2 kg');
    }

    public function test_formulas_are_set_as_typed_or_as_tex_or_as_words(): void
    {
        self::assertSame('v = u + a\\,t', Formula::parse('v = u + a t')->tex);
        self::assertSame('\\frac{3}{4} + \\frac{1}{2}', Formula::parse('3/4 + 1/2')->tex);
        self::assertSame('\\frac{a}{b + c}', Formula::parse('a/(b + c)')->tex);
        self::assertSame('\\sin x', Formula::parse('\\sin x')->tex);
        self::assertSame('\\text{just words, really}', Formula::parse('just words, really')->tex);
        self::assertSame('5\\,\\mathrm{cm} \\times 4\\,\\mathrm{cm} = 20\\,\\mathrm{cm}^{2}', Formula::parse('5 cm × 4 cm = 20 cm²')->tex);
    }

    public function test_exact_arithmetic_holds_for_many_random_fractions(): void
    {
        mt_srand(7);
        for ($round = 0; $round < 300; $round++) {
            [$a, $b, $c, $d] = [mt_rand(1, 40), mt_rand(1, 40), mt_rand(1, 40), mt_rand(1, 40)];
            $sum = Quantity::read("{$a}/{$b} + {$c}/{$d}");
            self::assertTrue($sum->equals(Quantity::read(($a * $d + $c * $b).'/'.($b * $d))));
            self::assertTrue(Quantity::read("({$a}/{$b}) × ({$c}/{$d})")->equals(Quantity::read(($a * $c).'/'.($b * $d))));
        }
    }
}
