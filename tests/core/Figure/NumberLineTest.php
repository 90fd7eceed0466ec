<?php

declare(strict_types=1);

namespace Tests\Core\Figure;

use Daybright\Figure\NumberLine\NumberLine;
use Daybright\Lesson\Fields;
use PHPUnit\Framework\TestCase;

final class NumberLineTest extends TestCase
{
    use ChecksFigures;
    use ChecksVariation;

    public function test_places_distances_and_jumps_are_exact(): void
    {
        $facts = self::facts(self::line('-2', '3', '1/3', "A = -2/3\nB = 1 1/3", '-2/3 to 1 1/3'));
        self::assertSame(
            ['−2/3', '4/3', '2', '2', '4/3'],
            [$facts['mark a'], $facts['mark b'], $facts['distance'], $facts['jump'], $facts['landing']],
        );
        self::assertSame('−4', self::facts(self::line('-5', '5', '1', '', '3 to -1'))['jump']);
    }

    public function test_equal_divisions_are_equally_far_apart(): void
    {
        $ticks = array_values(array_filter(
            self::drawn(self::line('0', '1', '1/7', '', ''))['line'],
            static fn ($shape): bool => $shape->element === 'polyline' && $shape->box->width < 0.01,
        ));
        self::assertCount(8, $ticks);
        for ($tick = 1; $tick < 8; $tick++) {
            self::assertEqualsWithDelta($ticks[1]->box->x - $ticks[0]->box->x, $ticks[$tick]->box->x - $ticks[$tick - 1]->box->x, 0.01);
        }
    }

    public function test_what_does_not_lie_on_the_line_is_refused(): void
    {
        $line = ['from' => '0', 'to' => '10', 'division' => '1', 'marks' => '', 'jumps' => ''];
        self::assertRefused(NumberLine::class, ['to' => '-1'] + $line, 'to', 'greater than its start');
        self::assertRefused(NumberLine::class, ['division' => '0.1'] + $line, 'division', 'at most 60');
        self::assertRefused(NumberLine::class, ['marks' => '11'] + $line, 'marks', 'not on the line');
        self::assertRefused(NumberLine::class, ['marks' => 'A = soon'] + $line, 'marks', 'not a mark');
        self::assertRefused(NumberLine::class, ['jumps' => '3 to 3'] + $line, 'jumps', 'not a jump');
        self::assertRefused(NumberLine::class, ['from' => 'zero'] + $line, 'from', 'must be a number');
    }

    /** @return non-empty-list<NumberLine> */
    protected static function randomFigures(int $seed): array
    {
        mt_srand($seed);
        $figures = [];
        for ($round = 0; $round < 150; $round++) {
            $from = mt_rand(-20, 5);
            $length = mt_rand(2, 15);
            $bottom = [1, 2, 4][mt_rand(0, 2)];
            $place = static fn (): string => (string) ($from * $bottom + mt_rand(0, $length * $bottom)).'/'.$bottom;
            $marks = array_unique(array_map(static fn (): string => $place(), range(0, mt_rand(0, 4))));
            $start = mt_rand(0, $length - 1) + $from;
            $figures[] = self::line(
                (string) $from,
                (string) ($from + $length),
                "1/{$bottom}",
                implode(
                    "\n",
                    array_map(
                        static fn (string $mark, int $number): string => chr(65 + $number)." = {$mark}",
                        $marks,
                        array_keys(array_values($marks)),
                    ),
                ),
                mt_rand(0, 1) === 1 ? "{$start} to ".($from + $length) : '',
            );
        }

        return $figures;
    }

    private static function line(string $from, string $to, string $division, string $marks, string $jumps): NumberLine
    {
        return NumberLine::from(new Fields(['from' => $from, 'to' => $to, 'division' => $division, 'marks' => $marks, 'jumps' => $jumps]));
    }
}
