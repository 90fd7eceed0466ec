<?php

declare(strict_types=1);

namespace Tests\App;

use App\Adapters\Video\Countdown;
use App\Adapters\Video\FrameSequence;
use App\Adapters\Video\Rasteriser;
use App\Adapters\Video\SeenDrawings;
use App\Adapters\Video\VideoShape;
use App\Lessons\LessonDocument;
use Daybright\Recording\Clock;
use Daybright\Recording\Frames\Brush;
use Daybright\Recording\Frames\FrameSize;
use Daybright\Recording\Take;
use Daybright\Recording\Timeline;
use Daybright\Release\LessonFreezer;
use LogicException;

/** The parts that a video is put together from, each on its own. */
class VideoPartsTest extends TestCase
{
    /** Milliseconds of silence before a slide is spoken about: 1024 samples. */
    private const LEAD = 21;

    private const WHITE = 235;

    public function test_a_stroke_is_as_wide_as_its_brush_and_soft_at_its_edge(): void
    {
        $frame = self::paper();
        self::brush('#000000', 20)->line($frame, 400, 400, 800, 400);
        // 20 slide units are 16 pixels: 8 above and 8 below the line at y = 320.
        $column = fn (int $y): int => self::light($frame, 480, $y);
        $this->assertSame(16, $column(320));
        $this->assertSame(16, $column(313));
        $this->assertSame(self::WHITE, $column(310));
        $this->assertSame(self::WHITE, $column(330));
        $covered = count(array_filter(range(305, 335), static fn (int $y): bool => $column($y) < self::WHITE));
        $this->assertEqualsWithDelta(16, $covered, 2);
    }

    public function test_a_marker_that_crosses_itself_gets_no_darker_but_a_second_one_does(): void
    {
        $frame = self::paper();
        $marker = self::brush('#000000', 40, 0.38);
        $marker->line($frame, 400, 400, 800, 400);
        $once = self::light($frame, 480, 320);
        $marker->line($frame, 600, 200, 600, 600);
        $marker->line($frame, 800, 400, 400, 400);
        $this->assertSame($once, self::light($frame, 480, 320));
        $this->assertGreaterThan(100, $once);
        self::brush('#000000', 40, 0.38)->line($frame, 400, 400, 800, 400);
        $this->assertLessThan($once, self::light($frame, 480, 320));
    }

    public function test_ink_outside_the_slide_changes_nothing_and_never_the_length_of_a_picture(): void
    {
        $frame = self::paper();
        self::brush('#B3261E', 30)->line($frame, -500, -500, -100, -100);
        $this->assertSame(self::paper(), $frame);
        self::brush('#B3261E', 30)->line($frame, -100, 450, 1700, 450);
        $this->assertSame(VideoShape::Small->bytes(), strlen($frame));
    }

    public function test_red_ink_is_red_in_the_picture(): void
    {
        $frame = self::paper();
        self::brush('#FF0000', 60)->line($frame, 800, 450, 800, 450);
        $luma = 1280 * 720;
        $chroma = intdiv(360, 2) * intdiv(1280, 2) + 320;
        // Red in BT.709, studio range: Y 63, Cb 102, Cr 240 (ITU-R BT.709-6, table 3; worked out from its matrix).
        $this->assertEqualsWithDelta(63, self::light($frame, 640, 360), 1);
        $this->assertEqualsWithDelta(102, ord($frame[$luma + $chroma]), 1);
        $this->assertEqualsWithDelta(240, ord($frame[$luma + intdiv($luma, 4) + $chroma]), 1);
    }

    public function test_the_countdown_shows_less_bar_as_time_goes_and_leaves_the_rest_of_the_picture(): void
    {
        $sheet = Rasteriser::rasterise([Countdown::svg()]);
        $countdown = new Countdown($sheet->picture(0));
        $bar = static fn (int $left): int => count(array_filter(
            range(896, 1231),
            static fn (int $x): bool => self::light($countdown->over(self::paper(), $left, 60), $x, 676) > 200,
        ));
        $this->assertSame(336, $bar(60));
        $this->assertEqualsWithDelta(168, $bar(30), 2);
        $this->assertSame(0, $bar(0));
        $shown = $countdown->over(self::paper(), 42, 60);
        $this->assertSame(VideoShape::Small->bytes(), strlen($shown));
        $this->assertSame(substr(self::paper(), 0, 1280 * 596), substr($shown, 0, 1280 * 596));
        $this->assertNotSame($countdown->over(self::paper(), 42, 60), $countdown->over(self::paper(), 41, 60));
    }

    public function test_every_change_has_its_picture_in_time_order_and_five_seconds_never_pass_without_one(): void
    {
        $stroke = [
            'kind' => 'ink',
            'at' => 4000,
            'tool' => 'pen',
            'colour' => '#B3261E',
            'width' => 8,
            'points' => [[0, 100, 100], [40, 200, 100], [80, 300, 100], [120, 400, 100]],
        ];
        $point = ['kind' => 'point', 'at' => 6000, 'x' => 50, 'y' => 60];
        $away = ['kind' => 'point', 'at' => 6500, 'x' => null, 'y' => null];
        [$frames, $length] = $this->frames([['kind' => 'step', 'at' => 3000, 'step' => 'measure-2'], $stroke, $point, $away], 20);
        $times = array_keys($frames);
        $sorted = $times;
        sort($sorted);
        $this->assertSame($sorted, $times);
        $this->assertSame(0, $times[0]);
        for ($index = 1; $index < count($times); $index++) {
            $this->assertLessThanOrEqual(5000, $times[$index] - $times[$index - 1]);
        }
        $this->assertEqualsWithDelta($length, end($times), 45);
        // The step is told at 3 s; there the lesson waits for 5 s, second by second, before the answer shows.
        foreach ([3000, 4000, 5000, 6000, 7000, 8000] as $second) {
            $this->assertContains($second + self::LEAD, $times);
        }
        $at = static fn (int $time): string => $frames[$time + self::LEAD];
        $this->assertNotSame($at(7000), $at(8000));
        // Ink grows from picture to picture, and the pointer comes and goes.
        $this->assertCount(4, array_unique([$at(9000), $at(9055), $at(9110), $at(9165)]));
        $this->assertNotSame($at(9165), $at(11000));
        $this->assertSame($at(9165), $at(11500));
    }

    public function test_ink_is_wiped_stays_on_its_slide_and_comes_back_with_it(): void
    {
        $stroke = [
            'kind' => 'ink',
            'at' => 500,
            'tool' => 'pen',
            'colour' => '#B3261E',
            'width' => 20,
            'points' => [[0, 200, 800], [100, 600, 800]],
        ];
        [$frames] = $this->frames(
            [
                $stroke,
                ['kind' => 'visit', 'at' => 1000, 'slide' => 'why'],
                ['kind' => 'return', 'at' => 1500],
                ['kind' => 'wipe', 'at' => 2000],
            ],
            3,
        );
        $at = static fn (int $time): int => self::light($frames[$time + self::LEAD], 320, 640);
        $this->assertLessThan(150, $at(600));
        $this->assertGreaterThan(200, $at(1000));
        $this->assertLessThan(150, $at(1500));
        $this->assertGreaterThan(200, $at(2000));
    }

    /**
     * @param  list<array<string, mixed>>  $events
     * @return array{array<int, string>, float} pictures by their time, and the length, in milliseconds
     */
    private function frames(array $events, int $seconds): array
    {
        $lesson = LessonDocument::from(self::document())->read();
        $programme = Timeline::build($lesson, ['measure' => Take::recorded('take', 'measure', $seconds * 48000, $events, [])]);
        $frozen = $this->app->make(LessonFreezer::class)->freeze($lesson, $programme);
        $drawings = new SeenDrawings($frozen, VideoShape::Small);
        $colours = ['#FFFFFF', '#DDEEFF', '#EEFFDD', '#FFEEDD'];
        $pictures = Rasteriser::rasterise([
            Countdown::svg(),
            ...array_map(
                static fn (int $index): string => '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 1600 900"><rect width="1600" height="900" fill="'
                    .$colours[$index]
                    .'"/></svg>',
                array_keys($drawings->named),
            ),
        ]);
        $track = new FrameSequence(
            $frozen,
            $drawings,
            VideoShape::Small,
            static fn (int $drawing): string => $pictures->picture(1 + $drawing),
            new Countdown($pictures->picture(0)),
            static fn (): string => throw new LogicException('Nothing was filmed.'),
        );

        return [iterator_to_array($track->frames()), Clock::milliseconds($programme->video()->length())];
    }

    private static function brush(string $colour, float $width, float $strength = 1.0): Brush
    {
        return new Brush(new FrameSize(1280, 720), $colour, $width, $strength);
    }

    private static function paper(): string
    {
        $luma = 1280 * 720;

        return str_repeat(chr(self::WHITE), $luma).str_repeat(chr(128), intdiv($luma, 2));
    }

    private static function light(string $frame, int $x, int $y): int
    {
        return ord($frame[$y * 1280 + $x]);
    }
}
