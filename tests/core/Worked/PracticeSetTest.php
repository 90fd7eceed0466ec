<?php

declare(strict_types=1);

namespace Tests\Core\Worked;

use Daybright\Figure\Figures;
use Daybright\Figure\PrintedWithItem;
use Daybright\Figure\Solid\Solid;
use Daybright\Figure\Variation;
use Daybright\Lesson\Fields;
use Daybright\Lesson\PartKind;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Typesetter;
use Daybright\Worked\PracticeSet;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Slides;

final class PracticeSetTest extends TestCase
{
    public function test_the_same_seed_makes_the_same_set_and_no_item_comes_twice(): void
    {
        foreach (PracticeSet::LEVELS as $level) {
            $prompts = self::prompts(7, $level);
            self::assertCount(6, array_unique($prompts));
            self::assertSame($prompts, self::prompts(7, $level));
        }
    }

    /** A teacher who asks for another set gets other items, not the same ones moved up by one. */
    public function test_neighbouring_seeds_share_next_to_nothing(): void
    {
        $shared = 0;
        for ($seed = 1; $seed <= 40; $seed++) {
            $shared += count(array_intersect(self::prompts($seed, 3), self::prompts($seed + 1, 3)));
        }
        // 40 pairs of sets of 6 out of some hundred items: chance alone gives about 15.
        self::assertLessThan(40, $shared);
    }

    /** @return list<string> */
    private static function prompts(int $seed, int $level): array
    {
        $set = PracticeSet::from(new Fields([
            'source' => 'figure',
            'maker' => 'solid',
            'quantities' => Solid::blank(),
            'seed' => $seed,
            'count' => 6,
        ]));

        return array_map(static fn (Variation $item): string => $item->prompt, $set->items($level));
    }

    public function test_whatever_is_printed_with_an_item_can_be_drawn_for_all_of_them(): void
    {
        foreach (Figures::all() as $figure) {
            if (! is_a($figure, PrintedWithItem::class, true)) {
                continue;
            }
            $content = ['source' => 'figure', 'maker' => $figure::entry()->name, 'quantities' => $figure::blank(), 'count' => 6];
            for ($seed = 1; $seed <= 5; $seed++) {
                $set = PracticeSet::from(new Fields($content + ['seed' => $seed]));
                foreach (array_merge(...array_map($set->items(...), PracticeSet::LEVELS)) as $item) {
                    $drawn = $set->figure($item) ?? self::fail("{$content['maker']}: {$item->prompt}");
                    self::assertInstanceOf($figure, $drawn);
                    self::assertArrayHasKey($drawn->steps()[0]->name, $drawn->scene($drawn->smallest(), self::context()));
                }
            }
        }
    }

    private static function context(): RenderContext
    {
        $type = new Typesetter(Slides::typefaces()['lexend'], Slides::formulas());

        return new RenderContext($type, PartKind::YourTurn->tint(), PartKind::YourTurn->strong());
    }
}
