<?php

declare(strict_types=1);

namespace Tests\Core\Figure;

use Daybright\Figure\Flow\Flow;
use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\LabelledPicture\LeaderLines;
use Daybright\Lesson\Fields;
use Daybright\Scene\Box;
use Daybright\Scene\Shape;
use PHPUnit\Framework\TestCase;

final class FlowTest extends TestCase
{
    use ChecksFigures;

    public function test_no_two_arrows_cross_and_no_box_meets_another(): void
    {
        foreach (self::randomFigures(12) as $flow) {
            foreach ([$flow->smallest(), new Box(0, 0, 1430, 700)] as $room) {
                $shapes = array_merge(...array_values(self::drawn($flow, $room)));
                $boxes = array_values(array_map(
                    static fn (Shape $shape): Box => $shape->box,
                    array_filter($shapes, static fn (Shape $shape): bool => $shape->element === 'rect'),
                ));
                self::assertCount(count($flow->boxes), $boxes);
                foreach ($boxes as $number => $box) {
                    self::assertTrue($room->holds($box, 2));
                    foreach (array_slice($boxes, $number + 1) as $other) {
                        self::assertFalse($box->overlaps($other, 1), $flow->words());
                    }
                }
                $arrows = self::arrows($shapes);
                foreach ($arrows as $number => $arrow) {
                    foreach (array_slice($arrows, $number + 1) as $other) {
                        self::assertFalse(LeaderLines::cross(...$arrow, ...$other), $flow->words());
                    }
                }
            }
        }
    }

    public function test_every_word_is_seen_in_the_smallest_box(): void
    {
        foreach (self::randomFigures(13) as $flow) {
            $written = implode(
                ' ',
                array_map(
                    static fn (Shape $shape): string => $shape->written(),
                    array_merge(...array_values(self::drawn($flow, $flow->smallest()))),
                ),
            );
            foreach ($flow->boxes as $box) {
                foreach (explode(' ', $box->text) as $word) {
                    self::assertStringContainsString($word, $written);
                }
            }
        }
    }

    public function test_branches_must_hang_on_something(): void
    {
        self::assertRefused(Flow::class, ['kind' => 'branch', 'tree' => "- a\n- b"], 'tree', 'without a hyphen');
        self::assertRefused(Flow::class, ['kind' => 'branch', 'tree' => "a\n-- b"], 'tree', 'hangs on nothing');
        self::assertRefused(Flow::class, ['kind' => 'branch', 'tree' => "a\nb"], 'tree', 'hangs on nothing');
        self::assertRefused(Flow::class, ['kind' => 'cycle', 'boxes' => "a\nb"], 'boxes', 'from 3 to 12');
        self::assertRefused(Flow::class, ['kind' => 'cause', 'causes' => 'a', 'event' => '', 'effects' => 'b'], 'event', 'still empty');
    }

    public function test_its_task_is_to_order_or_to_sort(): void
    {
        self::assertSame(
            ['order', 'Egg', 'Larva'],
            [self::of('chain', "Egg\nLarva")->task()['type'], ...array_column(self::of('chain', "Egg\nLarva")->task()['items'], 'text')],
        );
        $sort = Flow::from(new Fields(['kind' => 'cause', 'causes' => "a\nb", 'event' => 'c', 'effects' => 'd']))->task();
        self::assertSame(['group-1', 'group-1', 'group-2'], array_column($sort['items'], 'group'));
    }

    /** @return non-empty-list<Flow> */
    protected static function randomFigures(int $seed): array
    {
        mt_srand($seed);
        $words = [
            'Rain',
            'Clouds form over the sea',
            'The caterpillar eats leaves',
            'An egg is laid',
            'Snow',
            'Peace',
            'A long and hungry winter',
            'Photosynthesis',
        ];
        $line = static fn (): string => $words[mt_rand(0, 7)];
        $figures = [];
        for ($round = 0; $round < 60; $round++) {
            $count = mt_rand(3, 12);
            $lines = array_map(static fn (): string => $line(), range(1, $count));
            $figures[] = self::of(['chain', 'cycle'][$round % 2], implode("\n", $lines));
            $level = 0;
            $tree = $lines[0];
            foreach (array_slice($lines, 1) as $each) {
                $level = mt_rand(1, min(3, $level + 1));
                $tree .= "\n".str_repeat('-', $level)." {$each}";
            }
            try {
                $figures[] = Flow::from(new Fields(['kind' => 'branch', 'tree' => $tree, 'numbered' => true]));
            } catch (InvalidQuantities $error) {
                self::assertStringContainsString('too much', $error->getMessage());
            }
            $figures[] = Flow::from(new Fields([
                'kind' => 'cause',
                'causes' => implode("\n", array_slice($lines, 0, mt_rand(1, 3))),
                'event' => $line(),
                'effects' => implode("\n", array_slice($lines, 0, mt_rand(1, 3))),
            ]));
        }

        self::assertGreaterThan(150, count($figures));

        return $figures;
    }

    /**
     * @param  list<Shape>  $shapes
     * @return list<array{array{float, float}, array{float, float}}>
     */
    private static function arrows(array $shapes): array
    {
        $arrows = [];
        foreach ($shapes as $shape) {
            if ($shape->element === 'polyline') {
                $points = array_map(
                    static fn (string $point): array => array_map(floatval(...), explode(',', $point)),
                    explode(' ', (string) $shape->attributes['points']),
                );
                $arrows[] = [$points[0], $points[count($points) - 1]];
            }
        }

        return $arrows;
    }

    private static function of(string $kind, string $boxes): Flow
    {
        return Flow::from(new Fields(['kind' => $kind, 'boxes' => $boxes, 'numbered' => false]));
    }
}
