<?php

declare(strict_types=1);

namespace Tests\Core\Recording;

use Daybright\Recording\Frames\FrameSize;
use Daybright\Recording\Take;
use Daybright\Recording\Timeline;
use Daybright\Recording\TimelineTracks;
use Daybright\Recording\Tracks\Covers\Cover;
use Daybright\Recording\Tracks\Covers\Covers;
use Daybright\Recording\Tracks\Light\Light;
use Daybright\Recording\Tracks\Spot;
use Daybright\Release\LessonFreezer;
use Daybright\Scene\Box;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Slides;

final class CoversTest extends TestCase
{
    private const SIZE = [320, 180];

    public function test_a_cover_stays_until_it_is_taken_off_or_the_take_is_over(): void
    {
        $covers = self::tracks([
            self::cover('one', 500, 100),
            self::cover('two', 700, 600),
            ['kind' => 'uncover', 'at' => 1500, 'cover' => 'one'],
            self::cover('one', 2000, 100),
        ])->toArray()['covers'];
        self::assertSame(
            [[500.0, 1500.0], [700.0, 3000.0], [2000.0, 3000.0]],
            array_map(static fn (array $cover): array => [$cover['from'], $cover['to']], $covers),
        );
        self::assertSame(
            ['slide' => 'slide-1', 'x' => 100.0, 'y' => 200.0, 'width' => 300.0, 'height' => 100.0],
            array_slice($covers[0], 2),
        );
    }

    public function test_it_hides_just_its_box_in_a_video(): void
    {
        $frame = self::white();
        $cover = new Cover(0, 1000, 'slide-1', new Box(400, 200, 400, 100));
        $painter = Covers::painter([$cover], new FrameSize(...self::SIZE));
        self::assertSame([0.0, 1000.0], $painter->moments());
        $painter->paint($frame, 500, 'slide-2');
        self::assertSame(self::white(), $frame);
        $painter->paint($frame, 500, 'slide-1');
        // A fifth of the slide: the box is 80 by 20 pixels from 80, 40 on.
        $inside = [[80, 40], [159, 59]];
        foreach ([...$inside, [79, 50], [160, 50], [100, 39], [100, 60]] as [$x, $y]) {
            $isHidden = in_array([$x, $y], $inside, true);
            self::assertSame($isHidden, ord($frame[$y * 320 + $x]) < 200, "{$x} {$y}");
        }
        self::assertSame(strlen(self::white()), strlen($frame));
        $later = self::white();
        $painter->paint($later, 1000, 'slide-1');
        self::assertSame(self::white(), $later);
    }

    public function test_a_part_of_the_slide_is_seen_large_until_all_of_it_is_again(): void
    {
        $views = self::tracks([
            ['kind' => 'view', 'at' => 500, 'x' => 1300, 'y' => 100, 'width' => 400],
            ['kind' => 'view', 'at' => 1000, 'x' => 200, 'y' => 100, 'width' => 800],
            ['kind' => 'view', 'at' => 2000, 'x' => 0, 'y' => 0, 'width' => 1600],
        ])->toArray()['views'];
        self::assertSame([
            ['from' => 500.0, 'to' => 1000.0, 'slide' => 'slide-1', 'x' => 1200.0, 'y' => 100.0, 'width' => 400.0, 'height' => 225.0],
            ['from' => 1000.0, 'to' => 2000.0, 'slide' => 'slide-1', 'x' => 200.0, 'y' => 100.0, 'width' => 800.0, 'height' => 450.0],
        ], $views);
    }

    public function test_what_is_painted_over_a_video_follows_what_is_seen_of_the_slide(): void
    {
        $size = new FrameSize(...self::SIZE);
        $painter = Covers::painter([new Cover(0, 1000, 'slide-1', new Box(400, 200, 400, 100))], $size);
        $size->show(new Box(400, 200, 800, 450));
        $frame = self::white();
        $painter->paint($frame, 500, 'slide-1');
        // Twice as large, from the corner on: 160 by 40 pixels.
        foreach ([[0, 0, true], [159, 39, true], [160, 10, false], [10, 40, false]] as [$x, $y, $isHidden]) {
            self::assertSame($isHidden, ord($frame[$y * 320 + $x]) < 200, "{$x} {$y}");
        }
    }

    public function test_a_light_leaves_its_spot_bright_and_darkens_all_else(): void
    {
        $frame = self::white();
        Light::painter([new Spot(0, 1000, 800, 450)], new FrameSize(...self::SIZE))->paint($frame, 500, 'slide-1');
        $light = static fn (int $x, int $y): int => ord($frame[$y * 320 + $x]);
        self::assertSame(235, $light(160, 90));
        self::assertSame(235, $light(190, 90));
        self::assertLessThan(130, $light(198, 90));
        self::assertLessThan(130, $light(0, 0));
        self::assertSame(strlen(self::white()), strlen($frame));
    }

    public function test_a_cover_follows_its_block_onto_the_tall_page(): void
    {
        $lesson = Slides::lesson([
            Slides::block('a', 'figure', ['figure' => 'scale-reading', 'quantities' => ['instrument' => 'clock', 'time' => '7:35']]),
            Slides::block('b', 'text', ['text' => 'What time is it?']),
        ]);
        $box = Slides::painter()->paint($lesson, $lesson->slides()[0])->boxes['a'];
        $events = [['kind' => 'cover', 'at' => 500, 'cover' => 'c'] + get_object_vars($box)];
        $takes = ['slide-1' => Take::recorded('take', 'slide-1', 144_000, $events, [])];
        $frozen = (new LessonFreezer(Slides::painter()))->freeze($lesson, Timeline::build($lesson, $takes));
        self::assertNotNull($frozen->slides['slide-1']->tall);
        $cover = $frozen->drawnTall->intervals['covers'][0];
        self::assertInstanceOf(Cover::class, $cover);
        self::assertLessThan(670, $cover->box->right());
        self::assertGreaterThan(300, $cover->box->width);
    }

    /** @return array<string, mixed> */
    private static function cover(string $name, int $at, int $x): array
    {
        return ['kind' => 'cover', 'at' => $at, 'cover' => $name, 'x' => $x, 'y' => 200, 'width' => 300, 'height' => 100];
    }

    private static function white(): string
    {
        return str_repeat(chr(235), 320 * 180).str_repeat(chr(128), 320 * 90);
    }

    /** @param  list<array<string, mixed>>  $events */
    private static function tracks(array $events): TimelineTracks
    {
        $lesson = Slides::lesson([]);
        $takes = ['slide-1' => Take::recorded('take', 'slide-1', 144_000, $events, [])];

        return TimelineTracks::build($lesson, Timeline::build($lesson, $takes));
    }
}
