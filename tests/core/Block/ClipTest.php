<?php

declare(strict_types=1);

namespace Tests\Core\Block;

use Daybright\Block\Clip\MarkedClip;
use Daybright\Lesson\Fields;
use Daybright\Lesson\Lesson;
use Daybright\Ready\Finding;
use Daybright\Ready\ReadyCheck;
use Daybright\Recording\Clock;
use Daybright\Recording\Cue;
use Daybright\Recording\Take;
use Daybright\Recording\Timeline;
use Daybright\Recording\VideoStretch;
use Daybright\Release\FrozenLesson;
use Daybright\Release\LessonFreezer;
use Daybright\Timing\LessonTiming;
use Daybright\Watching\Progress;
use Daybright\Watching\SealedLesson;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Slides;

final class ClipTest extends TestCase
{
    private const CONTENT = [
        'medium' => 'clip-1',
        'poster' => 'poster-1',
        'title' => 'A day at the gate',
        'from' => 2.5,
        'to' => 8.5,
        'captions' => [
            ['from' => 0.5, 'to' => 2.0, 'text' => 'Before it begins.'],
            ['from' => 2.0, 'to' => 4.0, 'text' => 'Morning.'],
            ['from' => 7.5, 'to' => 12.0, 'text' => 'Noon.'],
        ],
    ];

    public function test_whole_seconds_are_waited_and_a_tenth_more_is_not_waited_for(): void
    {
        $waits = static fn (float $from, float $to): ?int => MarkedClip::from(
            new Fields(['medium' => 'a', 'from' => $from, 'to' => $to]),
        )?->waits();
        self::assertSame([6, 6, 7, 1], [$waits(2.5, 8.5), $waits(0.0, 6.05), $waits(0.0, 6.2), $waits(0.0, 0.3)]);
        self::assertNull($waits(3.0, 3.0));
        self::assertNull(MarkedClip::from(new Fields(['medium' => null, 'from' => 0, 'to' => 3])));
    }

    public function test_the_narration_waits_once_its_step_is_spoken_and_the_minutes_count_it(): void
    {
        $timeline = self::timeline(self::lesson());
        self::assertSame([4.0], array_map(static fn ($pause): float => $pause->at / Clock::RATE, $timeline->pauses()));
        self::assertSame(16 * Clock::RATE, $timeline->length());
        $without = self::lesson(['medium' => null] + self::CONTENT);
        self::assertSame([], self::timeline($without)->pauses());
        self::assertEqualsWithDelta(
            6.0,
            (new LessonTiming(self::lesson()))->total() - (new LessonTiming($without))->total(),
            1e-9,
        );
    }

    public function test_a_player_gets_what_is_marked_and_captions_stand_where_they_are_heard(): void
    {
        $frozen = self::frozen(self::lesson());
        $pause = $frozen->pauses[0];
        self::assertNotNull($pause->clip);
        self::assertNull($pause->question);
        self::assertSame(
            ['clip:'.str_repeat('c', 64), 'video/mp4', 2500.0, 8500.0, 'The gate from morning to noon.'],
            [$pause->clip->file, $pause->clip->type, $pause->clip->from, $pause->clip->to, $pause->clip->description],
        );
        $heard = array_values(array_filter(
            $frozen->videoCaptions(),
            static fn (Cue $cue): bool => in_array($cue->text, ['Before it begins.', 'Morning.', 'Noon.'], true),
        ));
        $lead = Clock::milliseconds(VideoStretch::FRAME);
        self::assertEqualsWithDelta(
            [new Cue(4000.0 + $lead, 5500.0 + $lead, 'Morning.'), new Cue(9000.0 + $lead, 10_000.0 + $lead, 'Noon.')],
            $heard,
            1e-6,
        );
        $written = json_decode((string) json_encode($frozen->toArray()), true);
        self::assertIsArray($written);
        self::assertEquals($pause, FrozenLesson::read(new Fields($written))->pauses[0]);
        unset($written['pauses'][0]['clip']);
        self::assertNull(FrozenLesson::read(new Fields($written))->pauses[0]->clip, 'an older release');
    }

    public function test_nothing_of_a_clip_behind_an_open_question_is_in_the_page(): void
    {
        $question = Slides::block('question', 'question', [
            'type' => 'text', 'prompt' => 'Why?', 'marks' => 1, 'hint' => '', 'value' => 'Because.', 'stops' => true, 'seconds' => 5,
        ]);
        $lesson = self::lesson(self::CONTENT, 'step-2', [$question]);
        $seen = static fn (array $answered): string => (string) json_encode(
            SealedLesson::seal(self::frozen($lesson), new Progress($answered, false))->toArray(),
        );
        foreach (['A day at the gate', str_repeat('c', 64), 'Noon.'] as $told) {
            self::assertStringNotContainsString($told, $seen([]));
            self::assertStringContainsString($told, $seen(['question']));
        }
    }

    public function test_a_clip_that_says_nothing_to_who_cannot_hear_or_see_it_is_found(): void
    {
        $found = static fn (array $content, array $medium = []): array => array_values(array_intersect(
            ['clip-without-captions', 'picture-without-words', 'unfinished'],
            array_map(
                static fn (Finding $finding): string => $finding->rule,
                (new ReadyCheck(Slides::painter()))->of(self::lesson($content, medium: $medium)),
            ),
        ));
        self::assertSame([], $found(self::CONTENT));
        self::assertSame(['clip-without-captions'], $found(['captions' => []] + self::CONTENT));
        self::assertSame([], $found(['captions' => []] + self::CONTENT, ['wave' => '']));
        self::assertSame(['picture-without-words'], $found(self::CONTENT, ['description' => ' ']));
        self::assertSame(['unfinished'], $found(['medium' => null] + self::CONTENT));
        self::assertSame(['unfinished'], $found(['to' => 1.0] + self::CONTENT));
    }

    public function test_the_slide_shows_its_picture_that_it_plays_and_how_long(): void
    {
        $lesson = self::lesson();
        $scene = Slides::painter()->paint($lesson, $lesson->slides()[0]);
        $written = implode(' ', array_map(static fn ($group): string => $group->written(), $scene->groups));
        self::assertStringContainsString('0:06', $written);
        self::assertStringContainsString('A day at the gate', $written);
        self::assertStringContainsString('Clip of 6 seconds: A day at the gate', $scene->description());
    }

    /**
     * @param  array<string, mixed>  $content
     * @param  list<array<string, mixed>>  $before
     * @param  array<string, mixed>  $medium
     */
    private static function lesson(array $content = self::CONTENT, string $step = 'step-1', array $before = [], array $medium = []): Lesson
    {
        $document = Slides::document([...$before, Slides::block('clip', 'clip', $content, $step)]);
        $document['media'] = [
            'clip-1' => $medium + Slides::clip('The gate from morning to noon.'),
            'poster-1' => Slides::picture(''),
        ];

        return Lesson::from($document);
    }

    /** Ten seconds, the second step from the fourth on. */
    private static function timeline(Lesson $lesson): Timeline
    {
        $take = Take::recorded('take', 'slide-1', 10 * Clock::RATE, [['kind' => 'step', 'at' => 4000, 'step' => 'step-2']], []);

        return Timeline::build($lesson, ['slide-1' => $take]);
    }

    private static function frozen(Lesson $lesson): FrozenLesson
    {
        return (new LessonFreezer(Slides::painter()))->freeze($lesson, self::timeline($lesson));
    }
}
