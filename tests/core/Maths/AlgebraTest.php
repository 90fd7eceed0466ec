<?php

declare(strict_types=1);

namespace Tests\Core\Maths;

use Brick\Math\BigRational;
use Daybright\Maths\DecimalExpansion;
use Daybright\Maths\LinearEquation;
use Daybright\Maths\MathsError;
use Daybright\Maths\Parser;
use Daybright\Maths\Quantity;
use Daybright\Maths\Rearrangement;
use Daybright\Maths\Statistics\LeastSquares;
use Daybright\Maths\Statistics\Sample;
use Daybright\Maths\Typed;
use Daybright\Maths\Units;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class AlgebraTest extends TestCase
{
    /** @return iterable<array{string, string, string}> formula, asked, what it equals */
    public static function rearrangements(): iterable
    {
        yield ['V = l w h', 'h', 'V/(l w)'];
        yield ['V = l w h', 'l', 'V/(h × w)'];
        yield ['v = u + a t', 'u', 'v − a t'];
        yield ['v = u + a t', 't', '(v − u)/a'];
        yield ['A = b h/2', 'b', '(A × 2)/h'];
        yield ['P = 2(l + w)', 'w', 'P/2 − l'];
        yield ['C = 2 π r', 'r', 'C/(2 π)'];
        yield ['c² = a² + b²', 'b', '√(c² − a²)'];
        yield ['v = s/t', 't', 's/v'];
        yield ['y = 10 − x', 'x', '10 − y'];
        yield ['q = √(n)', 'n', 'q²'];
    }

    #[DataProvider('rearrangements')]
    public function test_a_formula_is_solved_by_undoing_one_operation_after_another(string $formula, string $asked, string $expected): void
    {
        [$left, $right] = self::sides($formula);
        $solved = Rearrangement::solve($left, $right, $asked);
        $names = array_values(array_diff(array_unique([...Rearrangement::names($left), ...Rearrangement::names($right)]), [$asked]));
        self::assertEqualsCanonicalizing($names, Rearrangement::names($solved));
        self::assertNotContains($asked, Rearrangement::names($solved));
        if (! str_contains($expected, 'h × w')) {
            self::assertSame($expected, Typed::write($solved));
        }
        // Put back into the formula, it holds for numbers drawn by chance.
        mt_srand(7);
        for ($round = 0; $round < 10; $round++) {
            $values = [];
            foreach ($names as $number => $name) {
                $values[$name] = (float) mt_rand(2, 9) + ($name === 'c' || $name === 'v' || $name === 'P' ? 40 : 0);
            }
            $values[$asked] = $solved->value($values);
            self::assertEqualsWithDelta($left->value($values), $right->value($values), 1e-9, $formula);
        }
    }

    /** @return iterable<array{string, string}> */
    public static function unsolvable(): iterable
    {
        yield ['y = x + x² + x³', 'x'];
        yield ['y = 2 x', 'z'];
    }

    #[DataProvider('unsolvable')]
    public function test_what_cannot_be_solved_so_is_said(string $formula, string $asked): void
    {
        $this->expectException(MathsError::class);
        Rearrangement::solve(...[...self::sides($formula), $asked]);
    }

    public function test_values_are_put_in_as_a_teacher_would_write_them(): void
    {
        $write = static fn (string $sum, array $values): string => Typed::write(Parser::readWith($sum, array_keys($values)), $values);
        self::assertSame('6 cm × 4 cm × 3 cm', $write('l w h', ['l' => '6 cm', 'w' => '4 cm', 'h' => '3 cm']));
        self::assertSame('(72 cm³)/(6 cm × 4 cm)', $write('V/(l w)', ['V' => '72 cm³', 'l' => '6 cm', 'w' => '4 cm']));
        self::assertSame('2 × (3 + 4)', $write('2(l + w)', ['l' => '3', 'w' => '4']));
        self::assertSame('π × 3²', $write('π r²', ['r' => '3']));
        self::assertSame('(5 m)²', $write('r²', ['r' => '5 m']));
    }

    public function test_linear_equations_are_read_however_they_stand(): void
    {
        foreach (['2x + 3y = 12', '12 = 3y + 2x', '2x = 12 − 3y', '4x + 6y − 24 = 0'] as $written) {
            $equation = LinearEquation::read($written);
            self::assertTrue($equation->a->multipliedBy(3)->isEqualTo($equation->b->multipliedBy(2)), $written);
            self::assertTrue($equation->left(BigRational::of(3), BigRational::of(2))->isEqualTo($equation->c), $written);
            self::assertSame('2', (string) $equation->yAt(BigRational::of(3)));
        }
        self::assertNull(LinearEquation::read('x = 4')->yAt(BigRational::of(4)));
        self::assertSame('−x + (1/3)y = 3', LinearEquation::withCoefficients(-1, BigRational::nd(1, 3), 3)->written());
        self::assertSame('0', LinearEquation::sum([]));
        $this->expectException(MathsError::class);
        LinearEquation::read('x² + y = 3');
    }

    public function test_decimals_by_long_division(): void
    {
        $written = static fn (int $top, int $bottom): string => DecimalExpansion::expand(BigRational::nd($top, $bottom))->written();
        self::assertSame(
            ['0.375', '2', '0.333…', '0.1666…', '0.142857…', '1.0909…', '0.05'],
            [$written(3, 8), $written(6, 3), $written(1, 3), $written(1, 6), $written(1, 7), $written(12, 11), $written(1, 20)],
        );
        self::assertTrue(DecimalExpansion::expand(BigRational::nd(7, 40))->ends());
        self::assertSame('09', DecimalExpansion::expand(BigRational::nd(1, 11))->recurring);
    }

    public function test_samples_of_even_and_odd_size(): void
    {
        $sample = static fn (int|string ...$values): Sample => new Sample(array_map(BigRational::of(...), array_values($values)));
        self::assertSame(
            ['5/2', '5/2', '3'],
            array_map(strval(...), [$sample(1, 4, 2, 3)->mean(), $sample(1, 4, 2, 3)->median(), $sample(1, 4, 2, 3)->range()]),
        );
        self::assertSame(['2', '4'], array_map(strval(...), $sample(1, 2, 3, 4, 4, 2)->modes()));
        self::assertSame([], $sample(1, 2, 3)->modes());
        self::assertSame(['5'], array_map(strval(...), $sample(5, 5)->modes()));
        // 1 2 3 4 5 6 7: the middle value belongs to neither half.
        self::assertSame(['2', '6'], array_map(strval(...), $sample(7, 1, 2, 6, 3, 5, 4)->quartiles() ?? []));
        self::assertNull($sample(1, 2, 3)->quartiles());
    }

    public function test_a_straight_line_has_r_of_one_and_no_line_where_all_is_alike(): void
    {
        $pairs = static fn (array ...$pairs): array => array_map(
            static fn (array $pair): array => [BigRational::of($pair[0]), BigRational::of($pair[1])],
            array_values($pairs),
        );
        $fit = LeastSquares::through($pairs([1, 5], [2, 7], [4, 11]));
        self::assertNotNull($fit);
        self::assertSame(['2', '3'], [(string) $fit->slope, (string) $fit->intercept]);
        self::assertEqualsWithDelta(1.0, $fit->r, 1e-12);
        self::assertEqualsWithDelta(-1.0, LeastSquares::through($pairs([1, 5], [2, 3]))?->r, 1e-12);
        self::assertNull(LeastSquares::through($pairs([1, 5], [1, 7])));
        self::assertNull(LeastSquares::through($pairs([1, 5], [2, 5])));
        self::assertSame([], $fit->farAway($pairs([1, 5], [2, 7], [4, 11])));
    }

    public function test_functions_have_values_in_degrees_where_a_degree_is_written(): void
    {
        self::assertEqualsWithDelta(0.5, Parser::read('sin 30°')->evaluate([])->value->toFloat(), 1e-9);
        self::assertEqualsWithDelta(0.5, Parser::readWith('sin x', ['x'])->value(['x' => M_PI / 6]), 1e-12);
        self::assertEqualsWithDelta(0.75, Parser::readWith('cos² x', ['x'])->value(['x' => M_PI / 6]), 1e-12);
        self::assertSame('3', Parser::read('abs(−3)')->evaluate([])->written());
        self::assertNan(Parser::readWith('1/x', ['x'])->value(['x' => 0.0]));
        self::assertNan(Parser::readWith('√x', ['x'])->value(['x' => -1.0]));
        self::assertNan(Parser::readWith('ln x', ['x'])->value(['x' => 0.0]));
        self::assertSame('\\sin x', Parser::readWith('sin x', ['x'])->tex());
        self::assertSame('\\left|x\\right|', Parser::readWith('abs(x)', ['x'])->tex());
        $this->expectException(MathsError::class);
        Parser::read('sin 30')->evaluate([]);
    }

    public function test_roots_of_areas_rounded_and_typed_quantities(): void
    {
        $area = Quantity::read('49 cm²')->root();
        self::assertSame("7\u{00A0}cm", $area->written());
        self::assertSame('3.14', Quantity::approximately(3.14159)->rounded()->number());
        self::assertSame('0.0123', Quantity::approximately(0.012345)->rounded()->number());
        self::assertSame(
            ['23000', '-4.5', '2.4 m'],
            [Quantity::of(23000)->typedNumber(), Quantity::of('-4.5')->typedNumber(), Quantity::read('2.4 m')->typed()],
        );
        self::assertSame('marbles', Units::orThings('marbles')->symbol());
        $this->expectException(MathsError::class);
        Quantity::read('49 kg')->root();
    }

    /** @return array{\Daybright\Maths\Expression\Expression, \Daybright\Maths\Expression\Expression} */
    private static function sides(string $formula): array
    {
        preg_match_all('/(?<!\p{L})\p{L}(?!\p{L})/u', $formula, $match);
        $names = array_values(array_diff(array_unique($match[0]), ['π']));
        [$left, $right] = explode('=', $formula);

        return [Parser::readWith($left, $names), Parser::readWith($right, $names)];
    }
}
