<?php

declare(strict_types=1);

namespace Tests\Core\Figure;

use Daybright\Figure\MotionGraph\MotionGraph;
use Daybright\Lesson\Fields;
use PHPUnit\Framework\TestCase;

final class MotionGraphTest extends TestCase
{
    use ChecksFigures;
    use ChecksVariation;

    public function test_any_three_quantities_give_the_other_two(): void
    {
        $whole = ['u' => '4', 'v' => '10', 'a' => '1', 's' => '42', 't' => '6'];
        foreach (array_keys($whole) as $one) {
            foreach (array_keys($whole) as $other) {
                if ($one < $other) {
                    $facts = self::facts(self::of(array_diff_key($whole, [$one => '', $other => ''])));
                    self::assertSame(
                        ["4\u{00A0}m/s", "10\u{00A0}m/s", "1\u{00A0}m/s²", "42\u{00A0}m", "6\u{00A0}s"],
                        [$facts['start speed'], $facts['end speed'], $facts['acceleration'], $facts['displacement'], $facts['time']],
                        "without {$one} and {$other}",
                    );
                }
            }
        }
    }

    public function test_a_stone_thrown_upwards_passes_a_height_twice(): void
    {
        // 20 m/s upwards with g = 10 m/s²: at 15 m after 1 s and again after 3 s (v = ±10 m/s).
        $facts = self::facts(self::of(['u' => '20', 'a' => '-10', 's' => '15']));
        self::assertSame(
            ["1\u{00A0}s", "10\u{00A0}m/s", "3\u{00A0}s", "−10\u{00A0}m/s"],
            [$facts['time'], $facts['end speed'], $facts['second time'], $facts['second end speed']],
        );
    }

    public function test_impossible_motions_get_a_sentence(): void
    {
        self::assertRefused(MotionGraph::class, ['u' => '10', 'a' => '-10', 's' => '6'], 's', 'No motion');
        self::assertRefused(MotionGraph::class, ['u' => '10', 'v' => '20', 'a' => '-1'], 'a', 'No motion');
        self::assertRefused(MotionGraph::class, ['u' => '10', 'v' => '20', 't' => '0'], 't', 'above zero');
        self::assertRefused(MotionGraph::class, ['u' => '10', 'v' => '20'], 'u', 'exactly three');
        self::assertRefused(MotionGraph::class, ['u' => '1', 'v' => '2', 'a' => '1', 's' => '9'], 's', 'exactly three');
    }

    /** @return non-empty-list<MotionGraph> */
    protected static function randomFigures(int $seed): array
    {
        mt_srand($seed);
        $figures = [];
        for ($round = 0; $round < 60; $round++) {
            $view = ['both', 'speed', 'distance'][$round % 3];
            $figures[] = self::of(
                ['u' => (string) mt_rand(-5, 40), 'a' => (string) (mt_rand(-60, 60) / 10), 't' => (string) (mt_rand(1, 200) / 10)],
                $view,
            );
            $figures[] = self::of(['u' => (string) mt_rand(20, 40), 'a' => (string) -mt_rand(1, 9), 's' => (string) mt_rand(1, 20)], $view);
        }

        return $figures;
    }

    /** @param  array<string, string>  $known */
    private static function of(array $known, string $view = 'both'): MotionGraph
    {
        return MotionGraph::from(new Fields($known + ['view' => $view]));
    }
}
