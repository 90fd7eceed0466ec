<?php

declare(strict_types=1);

namespace Tests\Core\Recording;

use Daybright\Lesson\Lesson;
use Daybright\Lesson\Slide;
use Daybright\Recording\Editing\Retiming;
use Daybright\Recording\Editing\WaveMark;
use Daybright\Recording\Editing\WaveMarks;
use Daybright\Recording\InvalidRecording;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Slides;

/** What was done in a take, moved earlier or later or taken out. */
final class RetimingTest extends TestCase
{
    private const EVENTS = [
        ['kind' => 'show', 'at' => 0, 'slide' => 'slide'],
        ['kind' => 'step', 'at' => 1000, 'step' => 'step-2'],
        ['kind' => 'cover', 'at' => 1500, 'cover' => 'a', 'x' => 0, 'y' => 0, 'width' => 9, 'height' => 9],
        ['kind' => 'step', 'at' => 2000, 'step' => 'step-3'],
        ['kind' => 'uncover', 'at' => 2500, 'cover' => 'a'],
    ];

    public function test_events_stand_where_they_were_moved_and_those_taken_out_are_gone(): void
    {
        $moved = Retiming::apply(self::EVENTS, [3 => 1200.0, 4 => null]);
        self::assertSame(
            [['show', 0], ['step', 1000], ['step', 1200.0], ['cover', 1500]],
            array_map(static fn (array $event): array => [$event['kind'], $event['at']], $moved),
        );
        self::assertSame(self::EVENTS, Retiming::apply(self::EVENTS, []));
    }

    public function test_nothing_passes_what_it_follows_on_its_own_track(): void
    {
        Retiming::check(self::EVENTS, [3 => 1000.0, 1 => 1000.0], 4000);
        // A cover may be taken off before a step that it does not belong to.
        Retiming::check(self::EVENTS, [4 => 1600.0], 4000);
        Retiming::check(self::EVENTS, [3 => null, 1 => 3000.0], 4000);
        $this->expectExceptionObject(InvalidRecording::outOfOrder());
        Retiming::check(self::EVENTS, [4 => 1400.0], 4000);
    }

    public function test_nothing_is_moved_out_of_the_recording(): void
    {
        $this->expectExceptionObject(InvalidRecording::beyondTake());
        Retiming::check(self::EVENTS, [4 => 4000.1], 4000);
    }

    public function test_what_can_be_moved_is_named_as_it_is_seen(): void
    {
        self::assertSame(['Step 2 appears', 'Covered', 'Step 3 appears', 'Uncovered'], self::labels(self::EVENTS));
        self::assertSame(['Step 3 appears'], self::labels([['kind' => 'step', 'at' => 1, 'step' => 'gone'], self::EVENTS[3]]));
    }

    public function test_a_stroke_that_is_taken_back_stays_with_its_taking_back(): void
    {
        $stroke = ['kind' => 'ink', 'tool' => 'pen', 'colour' => '#B3261E', 'width' => 8, 'points' => [[0, 1, 1]]];
        $back = ['kind' => 'takeback'];
        $events = array_map(
            static fn (array $event, int $number): array => $event + ['at' => 100 * $number],
            [$stroke, $stroke, $back, $stroke],
            range(0, 3),
        );
        $marks = WaveMarks::read(self::slide(), $events, []);
        self::assertSame([0, 3], array_map(static fn (WaveMark $mark): int => $mark->events[0]['number'], $marks));
    }

    public function test_acts_of_one_movement_are_moved_as_one(): void
    {
        $act = static fn (int $at, string $block): array => ['kind' => 'act', 'at' => $at, 'block' => $block, 'change' => []];
        $events = [$act(0, 'graph'), $act(100, 'graph'), $act(700, 'graph'), $act(1500, 'graph'), $act(1600, 'table')];
        $marks = WaveMarks::read(self::slide(), $events, [0 => null, 1 => null, 2 => null]);
        self::assertSame([3, 1, 1], array_map(static fn (WaveMark $mark): int => count($mark->events), $marks));
        self::assertSame([true, false, false], array_map(static fn (WaveMark $mark): bool => $mark->isOut, $marks));
    }

    /**
     * @param  list<array<string, mixed>>  $events
     * @return list<string>
     */
    private static function labels(array $events): array
    {
        return array_map(static fn (WaveMark $mark): string => $mark->label, WaveMarks::read(self::slide(), $events, []));
    }

    private static function slide(): Slide
    {
        $document = Slides::document([]);
        $document['parts'][0]['slides'][0]['steps'] = array_map(
            static fn (int $number): array => ['id' => "step-{$number}", 'script' => '', 'pause' => 0],
            [1, 2, 3],
        );

        return Lesson::from($document)->mainSlides()[0];
    }
}
