<?php

declare(strict_types=1);

namespace Tests\Core\Recording;

use Daybright\Lesson\Lesson;
use Daybright\Recording\Captions;
use Daybright\Recording\Clock;
use Daybright\Recording\InvalidRecording;
use Daybright\Recording\KeptRanges;
use Daybright\Recording\PausePoint;
use Daybright\Recording\SampleRange;
use Daybright\Recording\Take;
use Daybright\Recording\Timeline;
use Daybright\Recording\TimelineTracks;
use Daybright\Recording\Tracks\ShownSlide;
use Daybright\Recording\VideoStretch;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Slides;

final class TimelineTest extends TestCase
{
    public function test_the_length_is_takes_less_cuts_plus_pauses_to_the_sample(): void
    {
        mt_srand(21);
        for ($round = 0; $round < 200; $round++) {
            $lesson = self::lesson(mt_rand(1, 5), $seconds = mt_rand(3, 90));
            $takes = [];
            $expected = 0;
            foreach ($lesson->mainSlides() as $slide) {
                $length = mt_rand(1000, 3_000_000);
                [$cuts, $kept] = self::randomCuts($length);
                $takes[$slide->id] = Take::recorded(
                    'take-'.$slide->id,
                    $slide->id,
                    $length,
                    [['kind' => 'step', 'at' => mt_rand(0, 60000), 'step' => $slide->steps[1]->id]],
                    $cuts,
                );
                $expected += $kept + $seconds * Clock::RATE;
            }
            $timeline = Timeline::build($lesson, $takes);
            self::assertSame($expected, $timeline->length());
            self::assertSame(
                $timeline->narration(),
                array_sum(array_map(static fn ($segment): int => $segment->ends() - $segment->starts, $timeline->segments)),
            );
            foreach ($timeline->pauses() as $pause) {
                self::assertGreaterThanOrEqual(0, $pause->at);
                self::assertLessThanOrEqual($timeline->narration(), $pause->at);
            }
            self::assertVideo($timeline);
        }
    }

    /** The clock of the video: exact to the sample, each slide between silence, and no moment lost or told twice. */
    private static function assertVideo(Timeline $timeline): void
    {
        $video = $timeline->video();
        $ends = 0;
        foreach ($timeline->segments as $number => $segment) {
            $stretch = $video->stretches[$number];
            self::assertSame($ends, $stretch->begins);
            $ends += $stretch->length();
            self::assertSame(0, $stretch->length() % VideoStretch::FRAME);
            $waited = array_sum(array_map(static fn (PausePoint $pause): int => $pause->seconds * Clock::RATE, $segment->pauses));
            $silence = $stretch->length() - ($segment->ends() - $segment->starts) - $waited;
            self::assertGreaterThanOrEqual(VideoStretch::FRAME, $silence);
            self::assertLessThan(2 * VideoStretch::FRAME, $silence);
            self::assertSame($stretch->begins + VideoStretch::FRAME, $video->at($segment->starts));
            for ($try = 0; $try < 10; $try++) {
                $at = mt_rand($segment->starts, $segment->ends() - 1);
                self::assertSame($at, $video->narrationAt($video->at($at)));
            }
        }
        self::assertSame($ends, $video->length());
        foreach ($timeline->pauses() as $number => $pause) {
            $begins = $video->waits()[$number];
            self::assertSame($begins, $video->at($pause->at, true));
            self::assertNull($video->narrationAt($begins));
            self::assertNull($video->narrationAt($begins + $pause->seconds * Clock::RATE - 1));
        }
    }

    public function test_moments_keep_their_order_and_those_inside_a_cut_fall_on_the_join(): void
    {
        $kept = KeptRanges::afterCuts(1000, [new SampleRange(200, 300), new SampleRange(250, 400), new SampleRange(900, 1000)]);
        self::assertSame(700, $kept->length());
        self::assertSame([0, 199, 200, 200, 200, 201, 700], array_map($kept->place(...), [0, 199, 200, 300, 400, 401, 999]));
        for ($sample = 1; $sample < 1000; $sample++) {
            self::assertGreaterThanOrEqual($kept->place($sample - 1), $kept->place($sample));
        }
    }

    public function test_a_take_cannot_be_cut_away_whole(): void
    {
        $this->expectException(InvalidRecording::class);
        KeptRanges::afterCuts(1000, [new SampleRange(0, 600), new SampleRange(500, 1000)]);
    }

    public function test_a_pause_of_the_teacher_is_left_out(): void
    {
        $take = Take::recorded('t', 'slide-1', 480_000, [['kind' => 'pause', 'at' => 2000], ['kind' => 'resume', 'at' => 5000]], []);
        self::assertSame(480_000 - 144_000, $take->kept()->length());
        $open = Take::recorded('t', 'slide-1', 480_000, [['kind' => 'pause', 'at' => 8000]], []);
        self::assertSame(384_000, $open->kept()->length());
    }

    public function test_the_lesson_stops_when_the_asking_step_has_been_told(): void
    {
        $lesson = self::lesson(1, 10);
        $steps = $lesson->slides()[0]->steps;
        $events = [
            ['kind' => 'visit', 'at' => 1000, 'slide' => 'slide-1'],
            ['kind' => 'return', 'at' => 1500],
            ['kind' => 'step', 'at' => 4000, 'step' => $steps[1]->id],
        ];
        $timeline = Timeline::build($lesson, ['slide-1' => Take::recorded('t', 'slide-1', 480_000, $events, [new SampleRange(0, 48_000)])]);
        self::assertSame(3 * 48_000, $timeline->pauses()[0]->at);
        $never = Timeline::build($lesson, ['slide-1' => Take::recorded('t', 'slide-1', 480_000, [], [])]);
        self::assertSame(480_000, $never->pauses()[0]->at);
    }

    public function test_the_tracks_show_steps_visits_ink_and_wipes_where_they_are_heard(): void
    {
        $lesson = self::lesson(2, 10);
        $events = [
            ['kind' => 'ink', 'at' => 500, 'tool' => 'pen', 'colour' => '#B3261E', 'width' => 8, 'points' => [[0, 10, 10], [200, 20, 20]]],
            ['kind' => 'step', 'at' => 2000, 'step' => 'slide-1-step-2'],
            ['kind' => 'visit', 'at' => 3000, 'slide' => 'slide-2'],
            ['kind' => 'return', 'at' => 4000],
            ['kind' => 'wipe', 'at' => 5000],
            ['kind' => 'step', 'at' => 6000, 'step' => 'a-step-that-was-deleted'],
        ];
        $timeline = Timeline::build(
            $lesson,
            ['slide-1' => Take::recorded('t', 'slide-1', 480_000, $events, [new SampleRange(48_000, 72_000)])],
        );
        $tracks = TimelineTracks::build($lesson, $timeline);
        self::assertSame(
            [[0.0, 'slide-1', 0], [1500.0, 'slide-1', 1], [2500.0, 'slide-2', 1], [3500.0, 'slide-1', 1]],
            array_map(static fn (ShownSlide $each): array => [$each->from, $each->slide, $each->step], $tracks->shown()),
        );
        $stroke = $tracks->toArray()['ink'][0];
        self::assertSame([500.0, 4500.0], [$stroke['from'], $stroke['to']]);
        self::assertSame([[0.0, 10.0, 10.0], [200.0, 20.0, 20.0]], $stroke['points']);
    }

    public function test_captions_follow_the_steps_in_at_most_two_rows_of_42(): void
    {
        $lesson = self::lesson(1, 10);
        $timeline = Timeline::build(
            $lesson,
            ['slide-1' => Take::recorded('t', 'slide-1', 960_000, [['kind' => 'step', 'at' => 12_000, 'step' => 'slide-1-step-2']], [])],
        );
        $cues = Captions::write($timeline);
        self::assertEqualsWithDelta(0, $cues[0]->from, 0.01);
        self::assertEqualsWithDelta(20_000, $cues[count($cues) - 1]->to, 0.01);
        $before = 0.0;
        foreach ($cues as $cue) {
            self::assertEqualsWithDelta($before, $cue->from, 0.01);
            $before = $cue->to;
            self::assertLessThanOrEqual(2, substr_count($cue->text, "\n") + 1);
            foreach (explode("\n", $cue->text) as $row) {
                self::assertLessThanOrEqual(42, mb_strlen($row));
            }
        }
        $second = array_values(array_filter($cues, static fn ($cue): bool => $cue->from >= 11_999));
        self::assertStringStartsWith('The second', $second[0]->text);
    }

    /** @return array{list<SampleRange>, int} cuts, and the samples that are heard, counted one window at a time */
    private static function randomCuts(int $length): array
    {
        $cuts = [];
        for ($count = mt_rand(0, 6); $count > 0; $count--) {
            $from = mt_rand(0, $length - 2);
            $cuts[] = new SampleRange($from, mt_rand($from + 1, min($length - 1, $from + intdiv($length, 8) + 1)));
        }
        $edges = [0, $length];
        foreach ($cuts as $cut) {
            array_push($edges, $cut->from, $cut->to);
        }
        sort($edges);
        $kept = 0;
        for ($index = 1; $index < count($edges); $index++) {
            $inside = array_filter(
                $cuts,
                static fn (SampleRange $cut): bool => $cut->from <= $edges[$index - 1] && $edges[$index] <= $cut->to,
            );
            $kept += $inside === [] ? $edges[$index] - $edges[$index - 1] : 0;
        }

        return [$cuts, $kept];
    }

    private static function lesson(int $slides, int $seconds): Lesson
    {
        $document = Slides::document([]);
        $list = [];
        for ($number = 1; $number <= $slides; $number++) {
            $list[] = [
                'id' => "slide-{$number}", 'title' => "Slide {$number}", 'side' => false, 'arrangement' => 'whole', 'aims' => [],
                'steps' => [
                    [
                        'id' => "slide-{$number}-step-1",
                        'script' => 'The first line is told at some length, so that it needs more than one caption on the screen. It even has a second sentence.',
                        'pause' => 0,
                    ],
                    ['id' => "slide-{$number}-step-2", 'script' => 'The second line.', 'pause' => 0],
                ],
                'blocks' => [Slides::block(
                    "pause-{$number}",
                    'pause',
                    ['prompt' => 'Try it.', 'seconds' => $seconds],
                    "slide-{$number}-step-1",
                )],
            ];
        }
        $document['parts'][0]['slides'] = $list;

        return Lesson::from($document);
    }
}
