<?php

declare(strict_types=1);

namespace Tests\Core\Recording;

use Daybright\Recording\Clock;
use Daybright\Recording\Event;
use Daybright\Recording\InvalidRecording;
use Daybright\Recording\SampleRange;
use Daybright\Recording\Take;
use PHPUnit\Framework\TestCase;

final class TakeTest extends TestCase
{
    public function test_events_are_put_in_the_order_of_time(): void
    {
        $take = Take::recorded(
            't',
            's',
            48000,
            [
                ['kind' => 'wipe', 'at' => 900],
                ['kind' => 'show', 'at' => -5, 'slide' => 's'],
                ['kind' => 'point', 'at' => 300.5, 'x' => 1, 'y' => 2],
            ],
            [],
        );
        self::assertSame(['show', 'point', 'wipe'], array_map(static fn (Event $event): string => $event->kind, $take->events));
        // Nothing happens before the sound begins.
        self::assertSame(0.0, $take->events[0]->at);
    }

    public function test_what_cannot_happen_in_a_recording_is_refused(): void
    {
        $this->expectException(InvalidRecording::class);
        $this->expectExceptionMessage('“explode”');
        Take::recorded('t', 's', 48000, [['kind' => 'explode', 'at' => 1]], []);
    }

    public function test_pauses_pair_up_and_an_open_one_lasts_to_the_end(): void
    {
        $take = Take::recorded('t', 's', 10 * Clock::RATE, [
            ['kind' => 'resume', 'at' => 500],
            ['kind' => 'pause', 'at' => 1000],
            ['kind' => 'pause', 'at' => 1500],
            ['kind' => 'resume', 'at' => 2000],
            ['kind' => 'pause', 'at' => 9000],
        ], []);
        self::assertEquals([new SampleRange(48_000, 96_000), new SampleRange(432_000, 480_000)], $take->leftOut());
        self::assertSame(8.0, $take->secondsKept());
    }

    public function test_a_pause_that_reaches_past_the_sound_ends_with_it(): void
    {
        $take = Take::recorded('t', 's', Clock::RATE, [['kind' => 'pause', 'at' => 500], ['kind' => 'resume', 'at' => 5000]], []);
        self::assertEquals([new SampleRange(24_000, 48_000)], $take->leftOut());
        $late = Take::recorded('t', 's', Clock::RATE, [['kind' => 'pause', 'at' => 2000]], []);
        self::assertSame([], $late->leftOut());
        self::assertSame(1.0, $late->secondsKept());
    }

    public function test_a_take_of_which_nothing_is_left_is_heard_for_no_time(): void
    {
        self::assertSame(0.0, Take::recorded('t', 's', 1000, [], [new SampleRange(0, 1000)])->secondsKept());
        self::assertSame(0.0, Take::recorded('t', 's', 0, [], [])->secondsKept());
    }

    public function test_a_cut_must_have_a_length(): void
    {
        $this->expectException(InvalidRecording::class);
        new SampleRange(10, 10);
    }

    public function test_samples_and_milliseconds_agree(): void
    {
        self::assertSame(48, Clock::samples(1));
        self::assertSame(1000.0, Clock::milliseconds(48_000));
        for ($samples = 0; $samples < 5000; $samples += 7) {
            self::assertSame($samples, Clock::samples(Clock::milliseconds($samples)));
        }
    }
}
