<?php

declare(strict_types=1);

namespace Tests\Core\Figure;

use Daybright\Figure\Equivalence\Equivalence;
use Daybright\Lesson\Fields;
use PHPUnit\Framework\TestCase;

final class EquivalenceTest extends TestCase
{
    use ChecksFigures;
    use ChecksVariation;

    public function test_the_three_ways_of_writing_a_share_agree(): void
    {
        foreach (['3/8', '0.375', '37.5%', '6/16'] as $share) {
            $facts = self::facts(self::of($share));
            self::assertSame(
                ['3/8', '0.375', '37.5%', '62.5%'],
                [$facts['fraction'], $facts['decimal'], $facts['percent'], $facts['rest']],
                $share,
            );
        }
    }

    public function test_periods_of_recurring_decimals(): void
    {
        // Lengths of the periods of 1/p: OEIS A002371 (decimal expansion of the reciprocals of primes), from memory.
        $lengths = [
            3 => 1,
            7 => 6,
            11 => 2,
            13 => 6,
            17 => 16,
            19 => 18,
            23 => 22,
            29 => 28,
            31 => 15,
            37 => 3,
            41 => 5,
            43 => 21,
            47 => 46,
        ];
        foreach ($lengths as $prime => $length) {
            self::assertSame($length, strlen(self::facts(self::of("1/{$prime}"))['recurring']), "1/{$prime}");
        }
        self::assertSame('142857', self::facts(self::of('1/7'))['recurring']);
        self::assertSame(['0.1666…', '16 2/3%'], [self::facts(self::of('1/6'))['decimal'], self::facts(self::of('1/6'))['percent']]);
    }

    public function test_what_is_no_share_of_a_whole_is_refused(): void
    {
        self::assertRefused(Equivalence::class, ['share' => '5/4'], 'share', 'between 0 and 1');
        self::assertRefused(Equivalence::class, ['share' => 'half of it'], 'share', 'a fraction, a decimal or a percent');
        self::assertRefused(Equivalence::class, ['share' => '3 cm'], 'share', 'without a unit');
        self::assertRefused(Equivalence::class, ['share' => '0.12345'], 'share', 'too small to show');
    }

    public function test_the_strip_is_shaded_to_scale(): void
    {
        $cells = array_values(array_filter(
            self::drawn(self::of('2/5'))['fraction'],
            static fn ($shape): bool => $shape->element === 'rect' && $shape->box->width < 300,
        ));
        self::assertNotSame([], $cells);
        $widths = array_map(static fn ($cell): float => round($cell->box->width), $cells);
        self::assertLessThanOrEqual(2, count(array_unique($widths)), 'cells are alike, their shading a little smaller');
    }

    protected static function differentItems(int $kind): int
    {
        return 25;
    }

    /** @return non-empty-list<Equivalence> */
    protected static function randomFigures(int $seed): array
    {
        mt_srand($seed);
        $figures = [];
        for ($round = 0; $round < 120; $round++) {
            $bottom = mt_rand(1, 60);
            $figures[] = self::of(mt_rand(0, $bottom)."/{$bottom}", ['strip', 'square', 'places'][$round % 3]);
        }

        return $figures;
    }

    private static function of(string $share, string $view = 'strip'): Equivalence
    {
        return Equivalence::from(new Fields(['share' => $share, 'view' => $view]));
    }
}
