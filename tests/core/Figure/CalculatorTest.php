<?php

declare(strict_types=1);

namespace Tests\Core\Figure;

use Daybright\Figure\Calculator\Calculator;
use Daybright\Figure\InvalidQuantities;
use Daybright\Lesson\Fields;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CalculatorTest extends TestCase
{
    use ChecksFigures;

    protected static function randomFigures(int $seed): array
    {
        mt_srand($seed);
        $sum = static fn (): string => implode(' ', [mt_rand(1, 99999), ['+', '−', '×', '÷'][mt_rand(0, 3)], mt_rand(1, 999)]);

        return array_map(static fn (int $count): Calculator => Calculator::from(new Fields([
            'sums' => implode("\n", array_map($sum, array_fill(0, $count, 0))),
            'typed' => implode("\n", array_map($sum, array_fill(0, $count, 0))),
        ])), [1, 2, 3, 4]);
    }

    /** @return iterable<array{string, string}> the order of operations as ISO 80000-2 and school books have it; results by hand */
    public static function sums(): iterable
    {
        yield ['3 × 4', '12'];
        yield ['2 + 3 × 4', '14'];
        yield ['(2 + 3) × 4', '20'];
        yield ['18 ÷ 4', '4.5'];
        yield ['1 − 3/4', '0.25'];
        yield ['0.1 + 0.2', '0.3'];
        yield ['1 ÷ 3', '≈ 0.333'];
    }

    #[DataProvider('sums')]
    public function test_what_is_typed_is_worked_out(string $sum, string $result): void
    {
        $before = Calculator::from(new Fields(['sums' => '']));
        $after = Calculator::from(new Fields(['sums' => '', 'typed' => $sum]));
        $written = str_starts_with($result, '≈') ? $result : "= {$result}";
        self::assertSame("works out {$sum} {$written}", $after->done($before));
        self::assertSame(ltrim($result, '≈ '), Calculator::from(new Fields(['sums' => $sum]))->facts()[0]->written);
        self::assertSame('takes a sum back', $before->done($after));
    }

    public function test_what_cannot_be_worked_out_is_told_and_breaks_nothing(): void
    {
        $before = Calculator::from(new Fields(['sums' => '']));
        $after = Calculator::from(new Fields(['sums' => '', 'typed' => '7 ÷ 0']));
        self::assertSame('types “7 ÷ 0”, which cannot be worked out', $after->done($before));
        $this->expectException(InvalidQuantities::class);
        Calculator::from(new Fields(['sums' => 'three apples']));
    }
}
