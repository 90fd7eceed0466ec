<?php

declare(strict_types=1);

namespace Tests\Core\Release;

use Daybright\Lesson\Lesson;
use Daybright\Recording\Take;
use Daybright\Recording\Timeline;
use Daybright\Recording\Tracks\Ink\Stroke;
use Daybright\Release\LessonFreezer;
use Daybright\Scene\Box;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Slides;

/** What was drawn over a block stays with it when the slide is composed anew. */
final class KeptWithBlocksTest extends TestCase
{
    private const TEXT = 'The shadow of the stick is long in the morning.';

    public function test_ink_moves_with_the_block_that_it_was_drawn_on(): void
    {
        $before = self::lesson([]);
        $was = self::boxes($before)['text'];
        $now = self::lesson([Slides::block('more', 'text', ['text' => 'At noon it is short.'])]);
        $is = self::boxes($now)['text'];
        self::assertNotEquals($was, $is);
        $stroke = self::stroke($now, self::drawnOver($was), self::boxes($before));
        [$x, $y] = [$stroke->points[0][1], $stroke->points[0][2]];
        self::assertEqualsWithDelta(0.25, ($x - $is->x) / $is->width, 0.01);
        self::assertEqualsWithDelta(0.5, ($y - $is->y) / $is->height, 0.01);
    }

    public function test_ink_stays_where_nothing_moved_and_where_it_is_over_no_block(): void
    {
        $lesson = self::lesson([]);
        $boxes = self::boxes($lesson);
        $drawn = self::drawnOver($boxes['text']);
        self::assertSame($drawn, self::stroke($lesson, $drawn, $boxes)->points);
        $far = [[0.0, 5.0, 895.0], [40.0, 9.0, 898.0]];
        $now = self::lesson([Slides::block('more', 'text', ['text' => 'At noon it is short.'])]);
        self::assertSame($far, self::stroke($now, $far, $boxes)->points);
    }

    public function test_a_release_keeps_no_layouts(): void
    {
        $lesson = self::lesson([]);
        $frozen = (new LessonFreezer(Slides::painter()))->freeze($lesson, self::timeline($lesson, [], self::boxes($lesson)));
        self::assertArrayNotHasKey('layouts', $frozen->tracks->intervals);
    }

    /** @return list<array{float, float, float}> */
    private static function drawnOver(Box $box): array
    {
        return [
            [0.0, round($box->x + $box->width * 0.25, 1), round($box->middleY(), 1)],
            [80.0, round($box->x + $box->width * 0.75, 1), round($box->middleY(), 1)],
        ];
    }

    /** @param  list<array<string, mixed>>  $more blocks */
    private static function lesson(array $more): Lesson
    {
        return Slides::lesson([Slides::block('text', 'text', ['text' => self::TEXT]), ...$more]);
    }

    /** @return array<string, Box> */
    private static function boxes(Lesson $lesson): array
    {
        return Slides::painter()->paint($lesson, $lesson->mainSlides()[0])->boxes;
    }

    /**
     * @param  list<array{float, float, float}>  $points
     * @param  array<string, Box>  $boxes
     */
    private static function stroke(Lesson $lesson, array $points, array $boxes): Stroke
    {
        $frozen = (new LessonFreezer(Slides::painter()))->freeze($lesson, self::timeline($lesson, $points, $boxes));
        $stroke = $frozen->tracks->intervals['ink'][0] ?? null;
        self::assertInstanceOf(Stroke::class, $stroke);

        return $stroke;
    }

    /**
     * @param  list<array{float, float, float}>  $points
     * @param  array<string, Box>  $boxes
     */
    private static function timeline(Lesson $lesson, array $points, array $boxes): Timeline
    {
        $slide = $lesson->mainSlides()[0]->id;
        $events = [
            ['kind' => 'layout', 'at' => 0, 'slide' => $slide, 'boxes' => array_map(
                static fn (Box $box): array => [$box->x, $box->y, $box->width, $box->height],
                $boxes,
            )],
            ...$points === [] ? [] : [[
                'kind' => 'ink', 'at' => 1000, 'tool' => 'pen', 'colour' => '#B3261E', 'width' => 8, 'points' => $points,
            ]],
        ];

        return Timeline::build($lesson, [$slide => Take::recorded('take', $slide, 480_000, $events, [])]);
    }
}
