<?php

declare(strict_types=1);

namespace Tests\Core\Figure;

use Daybright\Figure\Figure;
use Daybright\Figure\InvalidQuantities;
use Daybright\Lesson\Fields;
use Daybright\Lesson\PartKind;
use Daybright\Scene\Box;
use Daybright\Scene\Setting;
use Daybright\Scene\Shape;
use Tests\Core\Support\Slides;

/** What every figure must do, tried on hundreds of random contents. */
trait ChecksFigures
{
    /** @return list<Figure> */
    abstract protected static function randomFigures(int $seed): array;

    public function test_labels_never_collide_and_never_leave_the_box(): void
    {
        foreach ([new Box(0, 0, 550, 300), new Box(0, 0, 700, 600), new Box(0, 0, 1430, 700)] as $box) {
            foreach (self::randomFigures(3) as $index => $figure) {
                $labels = array_values(array_filter(array_merge(...array_values(self::drawn($figure, $box))), static fn (Shape $shape): bool => $shape->isText()));
                foreach ($labels as $number => $label) {
                    self::assertTrue($box->holds($label->box, 3), "{$index}: “{$label->written()}” leaves a box of {$box->width} × {$box->height}: {$figure->words()}");
                    foreach (array_slice($labels, $number + 1) as $other) {
                        self::assertFalse($label->box->overlaps($other->box, 4), "{$index}: “{$label->written()}” meets “{$other->written()}” in {$box->width} × {$box->height}: {$figure->words()}");
                    }
                }
            }
        }
    }

    public function test_every_drawn_piece_is_a_step(): void
    {
        foreach (self::randomFigures(4) as $figure) {
            $steps = array_map(static fn ($step): string => $step->name, $figure->steps());
            self::assertSame([], array_diff(array_keys(self::drawn($figure)), $steps));
            self::assertNotSame('', $figure->words());
        }
    }

    public function test_another_item_has_its_own_answer_and_slips_that_differ_from_it(): void
    {
        $figure = self::randomFigures(5)[0];
        foreach ([1, 2, 3] as $level) {
            $seen = [];
            for ($seed = 1; $seed <= 60; $seed++) {
                $item = $figure->vary($seed, $level);
                self::assertEquals($item, $figure->vary($seed, $level), 'the same seed gives the same item');
                $again = $figure::from(new Fields($item->quantities));
                $facts = array_filter($again->facts(), static fn ($fact): bool => $fact->quantity !== null && $fact->quantity->equals($item->answer));
                self::assertNotSame([], $facts, "the answer of “{$item->prompt}” is a fact of its figure");
                self::assertNotSame([], $item->slips);
                foreach ($item->slips as $why => $slip) {
                    self::assertFalse($slip->equals($item->answer), $why);
                }
                $seen[] = $item->prompt;
            }
            self::assertGreaterThan(40, count(array_unique($seen)));
        }
        $this->expectException(InvalidQuantities::class);
        $figure->vary(1, 4);
    }

    /** @return array<string, list<Shape>> */
    private static function drawn(Figure $figure, ?Box $box = null): array
    {
        return $figure->scene($box ?? new Box(0, 0, 700, 500), new Setting(Slides::typesetter(), PartKind::Explain, [], []));
    }
}
