<?php

declare(strict_types=1);

namespace Tests\Core\Recording;

use Daybright\Lesson\Lesson;
use Daybright\Recording\Clock;
use Daybright\Recording\PausePoint;
use Daybright\Recording\SampleRange;
use Daybright\Recording\Take;
use Daybright\Recording\Timeline;
use Daybright\Recording\TimelineTracks;
use Daybright\Recording\Tracks\Footage\Footage;
use Daybright\Recording\Tracks\Tracks;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Slides;

/** A clip that plays while the teacher speaks: six seconds of it, from its second 2.5 on. */
final class PlayedClipsTest extends TestCase
{
    private const BEGUN = ['kind' => 'clip', 'at' => 2000, 'block' => 'clip', 'plays' => true];

    public function test_it_is_seen_in_the_slides_place_and_the_narration_does_not_wait(): void
    {
        self::assertSame([], self::timeline([self::BEGUN])->pauses());
        self::assertSame([[
            'from' => 2000.0,
            'to' => 8000.0,
            'slide' => 'slide-1',
            'footage' => 'clip:'.str_repeat('c', 64),
            'source' => 'clip',
            'place' => 'whole',
            'begins' => -500.0,
            'description' => 'A gate.',
        ]], self::seen([self::BEGUN]));
        self::assertSame(['clip'], array_map(static fn (PausePoint $pause): string => $pause->block, self::timeline([])->pauses()));
    }

    public function test_it_is_over_when_it_is_ended_or_another_slide_is_looked_at(): void
    {
        $ended = ['kind' => 'clip', 'at' => 5000, 'block' => 'clip', 'plays' => false];
        self::assertSame([[2000.0, 5000.0, -500.0]], self::times([self::BEGUN, $ended]));
        self::assertSame([[2000.0, 4000.0, -500.0]], self::times([self::BEGUN, ['kind' => 'visit', 'at' => 4000, 'slide' => 'slide-2']]));
        $again = ['at' => 4000] + self::BEGUN;
        self::assertSame([[2000.0, 4000.0, -500.0], [4000.0, 10_000.0, 1500.0]], self::times([self::BEGUN, $again]));
    }

    public function test_a_cut_takes_as_much_out_of_the_clip_as_out_of_what_is_said(): void
    {
        self::assertSame(
            [[2000.0, 3000.0, -500.0], [3000.0, 7000.0, -1500.0]],
            self::times([self::BEGUN], [new SampleRange(Clock::samples(3000), Clock::samples(4000))]),
        );
    }

    public function test_it_waits_while_the_recording_is_paused(): void
    {
        self::assertSame(
            [[2000.0, 3000.0, -500.0], [3000.0, 8000.0, -500.0]],
            self::times([self::BEGUN, ['kind' => 'pause', 'at' => 3000], ['kind' => 'resume', 'at' => 4500]]),
        );
    }

    public function test_the_narration_waits_again_when_its_beginning_is_cut_or_it_has_no_pictures_any_more(): void
    {
        $cut = self::timeline([self::BEGUN], [new SampleRange(Clock::samples(1500), Clock::samples(2500))]);
        self::assertCount(1, $cut->pauses());
        $sound = ['type' => 'audio/mp4'];
        self::assertCount(1, self::timeline([self::BEGUN], [], $sound)->pauses());
        self::assertSame([], self::seen([self::BEGUN], [], $sound));
    }

    public function test_who_cannot_see_it_is_told_of_it(): void
    {
        $lesson = self::lesson();
        $films = TimelineTracks::build($lesson, self::timeline([self::BEGUN]))->intervals['footage'];
        self::assertSame('shows a film: A gate.', Footage::words($films[0], $lesson));
    }

    public function test_where_it_begins_and_ends_can_be_moved(): void
    {
        $take = Take::recorded('take', 'slide-1', 480_000, [self::BEGUN, ['at' => 3000, 'plays' => false] + self::BEGUN], []);
        $slide = self::lesson()->mainSlides()[0];
        self::assertSame(Footage::class, Tracks::ofEvent('clip'));
        self::assertSame(
            ['The clip plays', 'The clip is over'],
            array_map(static fn ($event): string => Footage::mark($event, [], $slide), $take->events),
        );
    }

    /** @param  array<string, mixed>  $medium */
    private static function lesson(array $medium = []): Lesson
    {
        $content = ['medium' => 'clip-1', 'poster' => null, 'title' => 'A gate', 'from' => 2.5, 'to' => 8.5, 'captions' => []];
        $document = Slides::document([Slides::block('clip', 'clip', $content, 'step-1')]);
        $document['media'] = ['clip-1' => $medium + Slides::clip('A gate.')];

        return Lesson::from($document);
    }

    /**
     * Twelve seconds.
     *
     * @param  list<array<string, mixed>>  $events
     * @param  list<SampleRange>  $cuts
     * @param  array<string, mixed>  $medium
     */
    private static function timeline(array $events, array $cuts = [], array $medium = []): Timeline
    {
        $take = Take::recorded('take', 'slide-1', 12 * Clock::RATE, $events, $cuts);

        return Timeline::build(self::lesson($medium), ['slide-1' => $take]);
    }

    /**
     * @param  list<array<string, mixed>>  $events
     * @param  list<SampleRange>  $cuts
     * @param  array<string, mixed>  $medium
     * @return list<array<string, mixed>>
     */
    private static function seen(array $events, array $cuts = [], array $medium = []): array
    {
        return TimelineTracks::build(self::lesson($medium), self::timeline($events, $cuts, $medium))->toArray()['footage'] ?? [];
    }

    /**
     * @param  list<array<string, mixed>>  $events
     * @param  list<SampleRange>  $cuts
     * @return list<array{mixed, mixed, mixed}> from when to when, and where its own zero would stand
     */
    private static function times(array $events, array $cuts = []): array
    {
        return array_map(
            static fn (array $film): array => [$film['from'], $film['to'], $film['begins']],
            self::seen($events, $cuts),
        );
    }
}
