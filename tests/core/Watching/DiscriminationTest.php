<?php

declare(strict_types=1);

namespace Tests\Core\Watching;

use Daybright\Watching\Discrimination;
use Daybright\Watching\ItemStatistics;
use PHPUnit\Framework\TestCase;

final class DiscriminationTest extends TestCase
{
    public function test_it_is_the_point_biserial_correlation(): void
    {
        // The worked example of scipy.stats.pointbiserialr in SciPy’s reference (from memory): r = 0.8660254037844386.
        $right = [0, 0, 0, 1, 1, 1, 1];
        $pairs = array_map(static fn (int $item, int $score): array => [(float) $item, (float) $score], $right, range(0, 6));
        self::assertEqualsWithDelta(0.8660254037844386, Discrimination::correlation($pairs), 1e-12);
    }

    public function test_it_agrees_with_the_textbook_formula_of_two_means(): void
    {
        // r = (M₁ − M₀) / s · √(p q), with the standard deviation of all (common practice in classical test theory).
        mt_srand(7);
        for ($round = 0; $round < 50; $round++) {
            $pairs = [];
            for ($student = 0; $student < 20; $student++) {
                $pairs[] = [(float) ($student < 2 ? $student : mt_rand(0, 1)), mt_rand(0, 100) / 100];
            }
            $of = static fn (float $item): array => array_column(
                array_filter($pairs, static fn (array $pair): bool => $pair[0] === $item),
                1,
            );
            $mean = static fn (array $scores): float => array_sum($scores) / count($scores);
            $all = array_column($pairs, 1);
            $deviation = sqrt($mean(array_map(static fn (float $score): float => ($score - $mean($all)) ** 2, $all)));
            $share = count($of(1.0)) / count($pairs);
            $expected = ($mean($of(1.0)) - $mean($of(0.0))) / $deviation * sqrt($share * (1 - $share));
            self::assertEqualsWithDelta($expected, Discrimination::correlation($pairs), 1e-9);
        }
    }

    public function test_few_students_and_marks_that_do_not_vary_say_nothing(): void
    {
        $pair = static fn (int $number): array => [(float) ($number % 2), $number / 10];
        self::assertNull(Discrimination::between(array_map($pair, range(1, Discrimination::FEWEST - 1))));
        self::assertNotNull(Discrimination::between(array_map($pair, range(1, Discrimination::FEWEST))));
        self::assertNull(Discrimination::between(array_fill(0, 12, [1.0, 0.5])));
        self::assertNull(ItemStatistics::facility([]));
    }

    public function test_it_says_in_a_sentence_what_it_means(): void
    {
        $strong = array_map(static fn (int $number): array => [$number > 5 ? 1.0 : 0.0, $number / 10], range(1, 10));
        self::assertSame('This question tells strong from weak.', Discrimination::between($strong)?->sentence());
        $upside = array_map(static fn (int $number): array => [$number > 5 ? 0.0 : 1.0, $number / 10], range(1, 10));
        self::assertStringContainsString('Look at its wording', (string) Discrimination::between($upside)?->sentence());
        $apart = array_map(static fn (int $number): array => [(float) ($number % 2), $number / 10], range(1, 10));
        self::assertStringContainsString('wrong more often', (string) Discrimination::between($apart)?->sentence());
        $flat = array_map(static fn (int $number): array => [(float) ($number % 2), intdiv($number, 2) / 5], range(0, 9));
        self::assertSame('This question does not tell strong from weak.', Discrimination::between($flat)?->sentence());
    }
}
