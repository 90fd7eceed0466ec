<?php

declare(strict_types=1);

namespace Tests\Core\Figure;

use Daybright\Figure\PlaceValue\PlaceValue;
use Daybright\Lesson\Fields;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class PlaceValueTest extends TestCase
{
    use ChecksFigures;
    use ChecksVariation;

    /** @return iterable<string, array{string, array<string, string>}> worked out by hand from what place value means */
    public static function numbers(): iterable
    {
        yield 'four digits' => [
            '4352',
            [
                'sum' => '4000 + 300 + 50 + 2',
                'thousands' => '4000',
                'hundreds' => '300',
                'tens' => '50',
                'ones' => '2',
                'ten times' => "43\u{202F}520",
                'tenth' => '435.2',
            ],
        ];
        yield 'a zero holds its place and is worth nothing' => [
            '2070',
            ['sum' => '2000 + 70', 'thousands' => '2000', 'tens' => '70', 'tenth' => '207'],
        ];
        yield 'decimals' => [
            '30.75',
            ['sum' => '30 + 0.7 + 0.05', 'tenths' => '0.7', 'hundredths' => '0.05', 'ten times' => '307.5', 'tenth' => '3.075'],
        ];
        yield 'less than one' => ['0.108', ['sum' => '0.1 + 0.008', 'thousandths' => '0.008', 'ten times' => '1.08']];
    }

    /** @param  array<string, string>  $expected */
    #[DataProvider('numbers')]
    public function test_digits_are_worth_what_their_columns_say(string $number, array $expected): void
    {
        $facts = array_map(
            static fn (string $fact): string => str_replace(["\u{202F}", "\u{00A0}"], '', $fact),
            self::facts(self::of($number)),
        );
        $plain = array_map(static fn (string $fact): string => str_replace(["\u{202F}", "\u{00A0}"], '', $fact), $expected);
        self::assertSame($plain, array_intersect_key(array_replace($plain, $facts), $plain));
        self::assertArrayNotHasKey('hundred thousands', $facts);
    }

    public function test_the_worths_of_the_digits_add_up_to_the_number(): void
    {
        foreach (self::randomFigures(11) as $figure) {
            $facts = self::facts($figure);
            $sum = array_sum(array_map(floatval(...), explode('+', (string) preg_replace('/[\x{202F}\x{00A0} ]/u', '', $facts['sum']))));
            self::assertEqualsWithDelta((float) preg_replace('/[\x{202F}\x{00A0} ]/u', '', $facts['number']), $sum, 1e-9);
        }
    }

    public function test_numbers_that_do_not_fit_the_table_are_refused(): void
    {
        foreach (['0', '-4', '1000000', '0.1234', '1/3', 'many', ''] as $number) {
            self::assertRefused(PlaceValue::class, ['number' => $number], 'number', 'The number must be');
        }
    }

    /** @return non-empty-list<PlaceValue> */
    protected static function randomFigures(int $seed): array
    {
        mt_srand($seed);
        $figures = [self::of('4352'), self::of('999999'), self::of('111111.111'), self::of('0.005')];
        for ($count = 0; $count < 40; $count++) {
            $decimals = mt_rand(0, 3);
            $figures[] = self::of(
                (string) (mt_rand(1, 999) * 10 ** mt_rand(0, 3)).($decimals === 0 ? '' : '.'.mt_rand(1, 10 ** $decimals - 1)),
            );
        }

        return $figures;
    }

    private static function of(string $number): PlaceValue
    {
        return PlaceValue::from(new Fields(['number' => $number]));
    }
}
