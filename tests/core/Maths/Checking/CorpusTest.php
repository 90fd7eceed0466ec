<?php

declare(strict_types=1);

namespace Tests\Core\Maths\Checking;

use Daybright\Maths\Checking\Equality;
use Daybright\Maths\Checking\EqualityChecker;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** No false alarm at all, and nearly everything found: measured on sentences from lessons. */
final class CorpusTest extends TestCase
{
    #[TestWith(['known'])]
    #[TestWith(['fresh'])]
    public function test_no_alarm_is_false(string $name): void
    {
        $corpus = self::corpus($name);
        $alarms = array_values(array_filter([...$corpus['true'], ...$corpus['none']], self::isFound(...)));
        self::assertSame([], $alarms);
    }

    #[TestWith(['known'])]
    #[TestWith(['fresh'])]
    public function test_nearly_all_that_is_wrong_is_found(string $name): void
    {
        $wrong = self::corpus($name)['false'];
        $missed = array_values(array_filter($wrong, static fn (string $sentence): bool => ! self::isFound($sentence)));
        self::assertGreaterThanOrEqual(0.95, 1 - count($missed) / count($wrong), implode(' | ', $missed));
    }

    public function test_the_corpus_is_large_and_says_nothing_twice(): void
    {
        $all = array_merge(
            ...array_values(self::corpus('known')),
            ...array_values(self::corpus('fresh')),
            ...array_values(self::corpus('held-out')),
        );
        self::assertGreaterThanOrEqual(450, count($all));
        self::assertSame($all, array_values(array_unique($all)));
    }

    public function test_each_sum_is_judged_and_put_right_as_expected(): void
    {
        $judged = [];
        foreach (require __DIR__.'/sums.php' as [$text, $expected]) {
            $wrong = array_values(array_filter(
                EqualityChecker::check($text),
                static fn (Equality $equality): bool => ! $equality->holds(),
            ));
            $said = $wrong === [] ? 'none' : (string) $wrong[0]->correction;
            $judged[] = [$text, $expected === 'false' && $said !== 'none' ? 'false' : $said];
        }
        self::assertSame(require __DIR__.'/sums.php', $judged);
    }

    private static function isFound(string $sentence): bool
    {
        return array_filter(EqualityChecker::check($sentence), static fn (Equality $equality): bool => ! $equality->holds()) !== [];
    }

    /** @return array{false: list<string>, true: list<string>, none: list<string>} */
    private static function corpus(string $name): array
    {
        return require __DIR__."/../../../../bench/checking-{$name}.php";
    }
}
