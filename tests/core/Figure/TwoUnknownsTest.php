<?php

declare(strict_types=1);

namespace Tests\Core\Figure;

use Daybright\Figure\TwoUnknowns\GuessTable;
use Daybright\Figure\TwoUnknowns\LinearCheck;
use Daybright\Figure\TwoUnknowns\Substitution;
use Daybright\Figure\TwoUnknowns\TwoUnknowns;
use Daybright\Lesson\Fields;
use Daybright\Maths\Parser;
use Daybright\Maths\Quantity;
use PHPUnit\Framework\TestCase;

final class TwoUnknownsTest extends TestCase
{
    use ChecksFigures;
    use ChecksVariation;

    public function test_the_oldest_problem_of_heads_and_legs(): void
    {
        // Sunzi Suanjing, third chapter: 35 heads and 94 feet are 23 pheasants and 12 rabbits (from memory).
        $facts = self::facts(self::story('35', '94'));
        self::assertSame(['12', '23', '11'], [$facts['first'], $facts['second'], $facts['more']]);
    }

    public function test_two_equations_however_they_are_written(): void
    {
        foreach ([['2x + 3y = 12', 'y = x - 1'], ['3y = 12 - 2x', 'x - y = 1'], ['x/3 + y/2 = 2', '2(x - y) = 2']] as [$first, $second]) {
            $facts = self::facts(self::equations($first, $second));
            self::assertSame(['3', '2'], [$facts['first'], $facts['second']], "{$first}; {$second}");
        }
        self::assertSame(['7/3', '1/3'], array_slice(array_values(self::facts(self::equations('x + 2y = 3', 'x - y = 2'))), 0, 2));
    }

    public function test_the_guesses_close_in_and_end_on_the_answer(): void
    {
        foreach (self::randomFigures(8) as $figure) {
            $guesses = (new GuessTable($figure))->guesses();
            $last = $guesses[count($guesses) - 1];
            self::assertSame('just right', $last[3]);
            foreach (array_slice($guesses, 1) as $number => $guess) {
                $before = $guesses[$number][0]->minus($figure->x)->abs();
                self::assertTrue($guess[0]->minus($figure->x)->abs()->isLessThan($before), 'each guess is nearer than the one before');
            }
        }
    }

    public function test_every_line_of_the_substitution_is_true(): void
    {
        foreach (self::randomFigures(9) as $figure) {
            [$x, $y] = LinearCheck::letters($figure);
            $known = [$x => Quantity::of($figure->x), $y => Quantity::of($figure->y)];
            foreach ((new Substitution($figure))->lines() as [$line]) {
                [$left, $right] = explode('=', $line);
                self::assertTrue(
                    Parser::readWith($left, [$x, $y])->evaluate($known)->equals(Parser::readWith($right, [$x, $y])->evaluate($known)),
                    $line,
                );
            }
        }
    }

    public function test_two_methods_side_by_side_come_to_the_same(): void
    {
        $figure = self::story('20', '56', 'both');
        $written = implode(
            ' ',
            array_map(
                static fn ($shape): string => $shape->written(),
                array_merge(...array_values(self::drawn($figure, $figure->smallest()))),
            ),
        );
        self::assertStringContainsString('x = 8', $written);
        self::assertStringContainsString('just right', $written);
    }

    public function test_what_has_no_answer_is_said_plainly(): void
    {
        $story = [
            'mode' => 'story',
            'firstName' => 'rabbits',
            'secondName' => 'hens',
            'firstEach' => '4',
            'secondEach' => '2',
            'totalName' => 'legs',
        ];
        self::assertRefused(TwoUnknowns::class, $story + ['count' => '20', 'total' => '57'], 'total', 'no whole answer');
        self::assertRefused(TwoUnknowns::class, $story + ['count' => '20', 'total' => '90'], 'total', 'between 40 and 80');
        self::assertRefused(
            TwoUnknowns::class,
            ['secondEach' => '4'] + $story + ['count' => '20', 'total' => '80'],
            'secondEach',
            'cannot tell them apart',
        );
        $equations = ['mode' => 'equations', 'firstEquation' => 'x + y = 2'];
        self::assertRefused(TwoUnknowns::class, $equations + ['secondEquation' => '2x + 2y = 4'], 'secondEquation', 'say the same');
        self::assertRefused(TwoUnknowns::class, $equations + ['secondEquation' => '2x + 2y = 5'], 'secondEquation', 'parallel');
        self::assertRefused(TwoUnknowns::class, $equations + ['secondEquation' => 'x y = 4'], 'secondEquation', 'straight line');
        self::assertRefused(TwoUnknowns::class, $equations + ['secondEquation' => 'x + y'], 'secondEquation', 'not an equation');
    }

    /** @return non-empty-list<TwoUnknowns> */
    protected static function kinds(): array
    {
        return [
            self::story('20', '56', 'table'),
            TwoUnknowns::from(new Fields([
                'mode' => 'story',
                'firstName' => 'adults',
                'secondName' => 'children',
                'count' => '10',
                'firstEach' => '7.50',
                'secondEach' => '4',
                'total' => '54',
                'totalName' => 'pounds',
                'view' => 'table',
            ])),
            TwoUnknowns::from(new Fields([
                'mode' => 'equations',
                'firstEquation' => 'x + y = 20',
                'secondEquation' => '4x + 2y = 56',
                'view' => 'lines',
            ])),
        ];
    }

    public function test_practice_keeps_the_story_of_the_teacher(): void
    {
        $figure = self::kinds()[1];
        self::assertInstanceOf(TwoUnknowns::class, $figure);
        self::assertStringContainsString('Each of the adults has 7.5, each of the children 4.', $figure->vary(3, 1)->prompt);
    }

    /** @return non-empty-list<TwoUnknowns> */
    protected static function randomFigures(int $seed): array
    {
        mt_srand($seed);
        $figures = [];
        for ($round = 0; $round < 50; $round++) {
            [$x, $y] = [mt_rand(1, 60), mt_rand(1, 60)];
            foreach (['table', 'substitution', 'both', 'lines'] as $view) {
                $figures[] = self::story((string) ($x + $y), (string) (4 * $x + 2 * $y), $view);
                [$a, $b] = [mt_rand(1, 6), mt_rand(1, 6)];
                [$p, $q] = [$x - 30, $y - 30];
                $figures[] = self::equations(
                    "{$a}x + {$b}y = ".($a * $p + $b * $q),
                    "{$b}x - ".($a + 1).'y = '.($b * $p - ($a + 1) * $q),
                    $view,
                );
            }
        }

        return $figures;
    }

    private static function story(string $count, string $total, string $view = 'table'): TwoUnknowns
    {
        return TwoUnknowns::from(new Fields([
            'mode' => 'story',
            'firstName' => 'rabbits',
            'secondName' => 'pheasants',
            'count' => $count,
            'firstEach' => '4',
            'secondEach' => '2',
            'total' => $total,
            'totalName' => 'legs',
            'view' => $view,
        ]));
    }

    private static function equations(string $first, string $second, string $view = 'table'): TwoUnknowns
    {
        return TwoUnknowns::from(new Fields([
            'mode' => 'equations',
            'firstEquation' => $first,
            'secondEquation' => $second,
            'view' => $view,
        ]));
    }

    /** Solved by hand: x = 14/5, y = 9/5. */
    public function test_decimals_and_fractions_are_not_mixed(): void
    {
        $lines = static fn (string $first, string $second): string => implode(
            "\n",
            array_column(
                (new Substitution(TwoUnknowns::from(new Fields(
                    ['mode' => 'equations', 'firstEquation' => $first, 'secondEquation' => $second] + TwoUnknowns::blank(),
                ))))->lines(),
                0,
            ),
        );
        self::assertStringContainsString(
            "(1/2)x + (1/3)(−1 + x) = 2\n(5/6)x − 1/3 = 2\n(5/6)x = 7/3\nx = 14/5\ny = 9/5",
            $lines('0.5x + 1/3 y = 2', 'x - y = 1'),
        );
        self::assertStringContainsString('x + 3(2 − 0.25x) = 7', $lines('x + 3y = 7', '0.25x + y = 2'));
    }
}
