<?php

declare(strict_types=1);

namespace Tests\Core\Timing;

use Daybright\Lesson\Lesson;
use Daybright\Recording\SampleRange;
use Daybright\Recording\Take;
use Daybright\Timing\LessonTiming;
use Daybright\Timing\MeasuredPace;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Slides;

final class MeasuredPaceTest extends TestCase
{
    public function test_it_is_the_words_that_were_told_over_the_time_they_took(): void
    {
        $lesson = self::lesson(50, 30, 20);
        // Steps 1 and 2 are told: 80 words in 40 s less 8 s that are cut out.
        $take = self::take(40, [['kind' => 'step', 'at' => 1000, 'step' => 'step-2']], [new SampleRange(0, 8 * 48000)]);
        self::assertSame(150, MeasuredPace::measure($lesson, ['slide-1' => $take]));
    }

    public function test_too_little_or_nothing_heard_gives_no_pace(): void
    {
        self::assertNull(MeasuredPace::measure(self::lesson(59), ['slide-1' => self::take(20)]));
        self::assertNull(MeasuredPace::measure(self::lesson(200), []));
        self::assertNull(MeasuredPace::measure(self::lesson(200), ['slide-1' => self::take(20, [], [new SampleRange(0, 20 * 48000)])]));
        self::assertNull(MeasuredPace::measure(self::lesson(200), ['slide-1' => self::take(0)]));
    }

    public function test_a_script_takes_the_time_that_was_measured_once_its_pace_is_used(): void
    {
        $lesson = self::lesson(100);
        $pace = MeasuredPace::measure($lesson, ['slide-1' => self::take(50)]);
        self::assertSame(120, $pace);
        self::assertEqualsWithDelta(50, (new LessonTiming($lesson))->total(), 0.01);
    }

    private static function lesson(int ...$words): Lesson
    {
        return Slides::lesson([], array_map(static fn (int $count): string => trim(str_repeat('word ', $count)), array_values($words)));
    }

    /**
     * @param  list<array<mixed>>  $events
     * @param  list<SampleRange>  $cuts
     */
    private static function take(int $seconds, array $events = [], array $cuts = []): Take
    {
        return Take::recorded('take', 'slide-1', $seconds * 48000, $events, $cuts);
    }
}
