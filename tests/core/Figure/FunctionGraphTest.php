<?php

declare(strict_types=1);

namespace Tests\Core\Figure;

use Daybright\Figure\FunctionGraph\FunctionGraph;
use Daybright\Lesson\Fields;
use PHPUnit\Framework\TestCase;

final class FunctionGraphTest extends TestCase
{
    use ChecksFigures;
    use ChecksVariation;

    public function test_points_of_known_curves(): void
    {
        $facts = self::facts(self::of('x² − 2x − 3', '-3', '5'));
        self::assertSame(['−3', '−1, 3', '(1, −4) minimum'], [$facts['intercept'], $facts['roots'], $facts['turning points']]);
        // x³ − 3x turns at (−1, 2) and (1, −2) and has roots 0 and ±√3 (calculus handbooks).
        $facts = self::facts(self::of('x^3 - 3x', '-3', '3'));
        self::assertSame(['−1.73, 0, 1.73', '(−1, 2) maximum, (1, −2) minimum'], [$facts['roots'], $facts['turning points']]);
        // sin x is zero at multiples of π and greatest at π/2.
        $facts = self::facts(self::of('sin x', '-1', '7'));
        self::assertSame(['0, 3.14, 6.28', '(1.57, 1) maximum, (4.71, −1) minimum'], [$facts['roots'], $facts['turning points']]);
    }

    public function test_lines_poles_and_touching_roots(): void
    {
        self::assertSame(
            ['2', '−0.5'],
            [self::facts(self::of('y = 2x + 1', '-4', '4'))['slope'], self::facts(self::of('2x + 1', '-4', '4'))['roots']],
        );
        self::assertSame('none', self::facts(self::of('1/x', '-4', '4'))['roots'], 'a jump through zero is not a root');
        self::assertSame('2', self::facts(self::of('(x − 2)²', '-1', '5'))['roots'], 'a curve that only touches the axis');
        self::assertSame('none', self::facts(self::of('abs(x) + 1', '-2', '2'))['roots']);
        self::assertSame('2', self::facts(self::of('ln(x - 1)', '-1', '6'))['roots'], 'where the function begins later');
    }

    public function test_what_cannot_be_drawn_gets_a_sentence(): void
    {
        self::assertRefused(FunctionGraph::class, ['functions' => 'x +', 'from' => '0', 'to' => '1'], 'functions', 'stops too early');
        self::assertRefused(FunctionGraph::class, ['functions' => 'a x + 1', 'from' => '0', 'to' => '1'], 'functions', '“a” has no value');
        self::assertRefused(
            FunctionGraph::class,
            ['functions' => 'sqrt(x)', 'from' => '-5', 'to' => '-1'],
            'from',
            'has no value anywhere',
        );
        self::assertRefused(FunctionGraph::class, ['functions' => 'x', 'from' => '3', 'to' => '1'], 'to', 'greater than the first');
        self::assertRefused(FunctionGraph::class, ['functions' => "x\n2x\n3x\n4x", 'from' => '0', 'to' => '1'], 'functions', 'from 1 to 3');
    }

    /** @return non-empty-list<FunctionGraph> */
    protected static function kinds(): array
    {
        return [self::of('2x + 1', '-4', '4'), self::of('x² − 4', '-4', '4')];
    }

    protected static function differentItems(int $kind): int
    {
        return [30, 20][$kind];
    }

    public function test_curves_meet_where_they_are_equal(): void
    {
        // x² = x + 2 has the roots −1 and 2 by the quadratic formula.
        $facts = self::facts(self::of("x²\nx + 2", '-4', '4'));
        self::assertSame(
            ['−1', '1', '2', '4'],
            [$facts['crossing one x'], $facts['crossing one y'], $facts['crossing two x'], $facts['crossing two y']],
        );
        self::assertArrayNotHasKey('crossing one x', self::facts(self::of("x²\nx − 2", '-4', '4')));
    }

    /** @return non-empty-list<FunctionGraph> */
    protected static function randomFigures(int $seed): array
    {
        mt_srand($seed);
        $figures = [];
        for ($round = 0; $round < 70; $round++) {
            [$a, $b, $c] = [mt_rand(1, 5), mt_rand(-9, 9), mt_rand(-9, 9)];
            $sign = static fn (int $number): string => ($number < 0 ? '- ' : '+ ').abs($number);
            $lines = [
                [
                    "{$a}x {$sign($b)}",
                    "{$a}x^2 {$sign($b)}x {$sign($c)}",
                    "{$a} sin({$a}x) {$sign($b)}",
                    "{$a}/x {$sign($c)}",
                    "x^3 {$sign($b)}x",
                    "2^x {$sign($c)}",
                ][$round % 6],
            ];
            if (mt_rand(0, 2) === 0) {
                $lines[] = "{$c}x/2 {$sign($a)}";
            }
            $figures[] = self::of(implode("\n", $lines), (string) mt_rand(-8, -1), (string) mt_rand(1, 9), mt_rand(0, 1) === 1);
        }

        return $figures;
    }

    private static function of(string $functions, string $from, string $to, bool $table = false): FunctionGraph
    {
        return FunctionGraph::from(new Fields(['functions' => $functions, 'from' => $from, 'to' => $to, 'table' => $table]));
    }
}
