<?php

declare(strict_types=1);

namespace Tests\Core\Figure;

use Daybright\Figure\Fact;
use Daybright\Figure\Figure;
use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\Variation;
use Daybright\Figure\Varies;
use Daybright\Lesson\Fields;
use Daybright\Maths\Quantity;

/** What every figure must do that practice is made from, beside what every figure must do. */
trait ChecksVariation
{
    /** @return non-empty-list<Varies> */
    abstract protected static function randomFigures(int $seed): array;

    public function test_another_item_has_its_own_answer_and_slips_that_differ_from_it(): void
    {
        foreach (static::kinds() as $kind => $figure) {
            foreach ([1, 2, 3] as $level) {
                self::assertItemsAreGood($figure, $level, static::differentItems($kind));
            }
        }
    }

    public function test_practice_has_three_levels(): void
    {
        $this->expectException(InvalidQuantities::class);
        static::kinds()[0]->vary(1, 4);
    }

    private static function assertItemsAreGood(Varies $figure, int $level, int $different): void
    {
        $seen = [];
        for ($seed = 1; $seed <= 60; $seed++) {
            $item = $figure->vary($seed, $level);
            self::assertEquals($item, $figure->vary($seed, $level), 'the same seed gives the same item');
            self::assertAnswerIsAFact($figure::from(new Fields($item->quantities)), $item);
            self::assertNotSame([], $item->slips, $item->prompt);
            $written = array_map(Variation::written(...), array_values($item->slips));
            self::assertNotContains(Variation::written($item->answer), $written, $item->prompt);
            self::assertSame($written, array_values(array_unique($written)), 'no two wrong answers are alike');
            $seen[] = $item->prompt;
        }
        self::assertGreaterThan($different, count(array_unique($seen)), $figure::class." at level {$level}");
    }

    /** @return non-empty-list<Varies> one of each kind that has practice of its own */
    protected static function kinds(): array
    {
        return [static::randomFigures(5)[0]];
    }

    /** How many of sixty items of a kind must differ. */
    protected static function differentItems(int $kind): int
    {
        return 30;
    }

    private static function assertAnswerIsAFact(Figure $figure, Variation $item): void
    {
        $right = array_filter($figure->facts(), static fn (Fact $fact): bool => $item->answer instanceof Quantity
            ? $fact->quantity !== null && self::isWithin($fact->quantity, $item->answer, $item->tolerance)
            : $fact->written === $item->answer);
        self::assertNotSame([], $right, "the answer of “{$item->prompt}” is a fact of its figure");
    }

    private static function isWithin(Quantity $fact, Quantity $answer, string $tolerance): bool
    {
        if ($fact->equals($answer)) {
            return true;
        }

        return $tolerance !== ''
            && $fact->unit->measuresLike($answer->unit)
            && $fact->value->minus($answer->value)->abs()->isLessThanOrEqualTo($tolerance);
    }
}
