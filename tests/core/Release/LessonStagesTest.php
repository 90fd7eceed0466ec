<?php

declare(strict_types=1);

namespace Tests\Core\Release;

use Daybright\Lesson\Fields;
use Daybright\Recording\TimelineTracks;
use Daybright\Release\FrozenChapter;
use Daybright\Release\FrozenLesson;
use Daybright\Release\FrozenPause;
use Daybright\Release\LessonStages;
use Daybright\Watching\SealedLesson;
use PHPUnit\Framework\TestCase;

final class LessonStagesTest extends TestCase
{
    public function test_stages_leave_no_gap_and_each_is_known_to_a_student_whole_or_not_at_all(): void
    {
        mt_srand(41);
        for ($round = 0; $round < 200; $round++) {
            $lesson = self::lesson();
            $stages = LessonStages::of($lesson);
            $at = 0.0;
            foreach ($stages as $stage) {
                self::assertSame($at, $stage->from);
                self::assertGreaterThan($stage->from, $stage->to);
                $at = $stage->to;
            }
            self::assertSame($lesson->length, $at);
            $asked = array_filter($lesson->pauses, static fn (FrozenPause $pause): bool => $pause->question !== null);
            $answered = array_values(array_filter(array_map(
                static fn (FrozenPause $pause): string => mt_rand(0, 1) === 1 ? $pause->block : '',
                $asked,
            )));
            $sealed = SealedLesson::seal($lesson, $answered, mt_rand(0, 1) === 1);
            foreach ($stages as $stage) {
                $isHidden = $sealed->hides($stage->from);
                // What is half a millisecond before a border counts as behind it.
                self::assertSame($isHidden, $sealed->hides(max($stage->from, ($stage->from + $stage->to) / 2 - 0.5)));
                self::assertSame($isHidden, $sealed->hides(max($stage->from, $stage->to - 0.6)));
            }
        }
    }

    public function test_what_follows_a_question_of_the_exit_check_is_a_stage_by_itself(): void
    {
        $slides = [['one', 0.0, 4000.0], ['two', 4000.0, 9000.0], ['three', 9000.0, 12_000.0]];
        $lesson = self::made($slides, [self::pause('a', 'one', 3000.0, false), self::pause('b', 'two', 6000.0, true)]);
        $borders = array_map(static fn ($stage): float => $stage->to, LessonStages::of($lesson));
        self::assertSame([3000.0, 6000.0, 9000.0, 12_000.0], $borders);
        $hidden = static fn (array $answered, bool $handedIn): array => array_map(
            static fn ($stage): bool => SealedLesson::seal($lesson, $answered, $handedIn)->hides($stage->from),
            LessonStages::of($lesson),
        );
        self::assertSame([false, true, true, true], $hidden([], false));
        self::assertSame([false, false, true, true], $hidden(['a'], false));
        self::assertSame([false, false, true, false], $hidden(['a', 'b'], false));
        self::assertSame([false, false, false, false], $hidden(['a', 'b'], true));
    }

    private static function lesson(): FrozenLesson
    {
        $slides = $pauses = [];
        $at = 0.0;
        for ($number = mt_rand(1, 6); $number > 0; $number--) {
            $ends = $at + mt_rand(1000, 60_000);
            $slides[] = ["slide-{$number}", $at, $ends];
            $moments = array_map(static fn (): float => (float) mt_rand((int) $at, (int) $ends), range(1, mt_rand(1, 3)));
            sort($moments);
            foreach ($moments as $each => $moment) {
                $pauses[] = self::pause("block-{$number}-{$each}", "slide-{$number}", $moment, mt_rand(0, 2) === 0, mt_rand(0, 3) > 0);
            }
            $at = $ends;
        }

        return self::made($slides, $pauses);
    }

    private static function pause(string $block, string $slide, float $at, bool $isExitCheck, bool $asks = true): FrozenPause
    {
        return new FrozenPause($at, $block, $slide, 10, 'Try it.', $isExitCheck, $asks ? ['type' => 'number'] : null);
    }

    /**
     * @param  non-empty-list<array{string, float, float}>  $slides id, from and until
     * @param  list<FrozenPause>  $pauses
     */
    private static function made(array $slides, array $pauses): FrozenLesson
    {
        $tracks = TimelineTracks::read(new Fields([]));
        $chapters = array_map(
            static fn (array $slide): FrozenChapter => new FrozenChapter($slide[1], $slide[2], $slide[0], '', 'explain'),
            $slides,
        );

        return new FrozenLesson('Shadows', $slides[count($slides) - 1][2], 0, [], $tracks, $tracks, [], $chapters, $pauses);
    }
}
