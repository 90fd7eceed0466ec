<?php

declare(strict_types=1);

namespace Tests\Core\Recording;

use Daybright\Recording\Frames\FrameSize;
use Daybright\Recording\Take;
use Daybright\Recording\Timeline;
use Daybright\Recording\TimelineTracks;
use Daybright\Recording\Tracks\Ring\Ring;
use Daybright\Recording\Tracks\Spot;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Slides;

final class RingTest extends TestCase
{
    public function test_it_follows_the_hand_until_the_key_is_let_go(): void
    {
        $lesson = Slides::lesson([]);
        $events = [
            ['kind' => 'ring', 'at' => 1000, 'x' => 400, 'y' => 300],
            ['kind' => 'ring', 'at' => 1500, 'x' => 500, 'y' => 300],
            ['kind' => 'ring', 'at' => 2000, 'x' => null, 'y' => null],
        ];
        $tracks = TimelineTracks::build(
            $lesson,
            Timeline::build($lesson, ['slide-1' => Take::recorded('take', 'slide-1', 144_000, $events, [])]),
        );
        self::assertSame(
            [
                ['from' => 1000.0, 'to' => 1500.0, 'x' => 400.0, 'y' => 300.0],
                ['from' => 1500.0, 'to' => 2000.0, 'x' => 500.0, 'y' => 300.0],
            ],
            $tracks->toArray()['ring'],
        );
    }

    public function test_it_is_painted_round_the_place_and_leaves_what_is_inside_free(): void
    {
        $size = new FrameSize(320, 180);
        $white = str_repeat(chr(235), 320 * 180).str_repeat(chr(128), 320 * 90);
        $frame = $white;
        // In the middle of the slide; eighty units are sixteen pixels of this frame.
        Ring::painter([new Spot(0, 1000, 800, 450)], $size)->paint($frame, 500, 'slide-1');
        $light = static fn (int $x, int $y): int => ord($frame[$y * 320 + $x]);
        self::assertSame(235, $light(160, 90));
        self::assertLessThan(150, $light(176, 90));
        self::assertLessThan(150, $light(160, 74));
        self::assertSame(235, $light(190, 90));
        $later = $white;
        Ring::painter([new Spot(0, 1000, 800, 450)], $size)->paint($later, 1000, 'slide-1');
        self::assertSame($white, $later);
    }
}
