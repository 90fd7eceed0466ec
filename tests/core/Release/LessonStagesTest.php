<?php

declare(strict_types=1);

namespace Tests\Core\Release;

use Daybright\Lesson\Fields;
use Daybright\Recording\TimelineTracks;
use Daybright\Release\FrozenChapter;
use Daybright\Release\FrozenLesson;
use Daybright\Release\FrozenPart;
use Daybright\Release\FrozenPause;
use Daybright\Release\LessonStages;
use Daybright\Watching\Opening;
use Daybright\Watching\Progress;
use Daybright\Watching\SealedLesson;
use PHPUnit\Framework\TestCase;

final class LessonStagesTest extends TestCase
{
    public function test_stages_leave_no_gap_and_each_is_known_to_a_student_whole_or_not_at_all(): void
    {
        mt_srand(41);
        for ($round = 0; $round < 200; $round++) {
            $lesson = self::lesson();
            $stages = LessonStages::of($lesson->outline());
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
            $sealed = SealedLesson::seal($lesson, new Progress($answered, mt_rand(0, 1) === 1));
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
        $borders = array_map(static fn ($stage): float => $stage->to, LessonStages::of($lesson->outline()));
        self::assertSame([3000.0, 6000.0, 9000.0, 12_000.0], $borders);
        $hidden = static fn (array $answered, bool $handedIn): array => array_map(
            static fn ($stage): bool => SealedLesson::seal($lesson, new Progress($answered, $handedIn))->hides($stage->from),
            LessonStages::of($lesson->outline()),
        );
        self::assertSame([false, true, true, true], $hidden([], false));
        self::assertSame([false, false, true, true], $hidden(['a'], false));
        self::assertSame([false, false, true, false], $hidden(['a', 'b'], false));
        self::assertSame([false, false, false, false], $hidden(['a', 'b'], true));
    }

    public function test_a_part_that_is_closed_is_told_nothing_of_and_holds_up_nothing(): void
    {
        $lesson = self::parted();
        $see = static fn (array $answered, Opening $opening): array => self::seen($lesson, $answered, $opening);

        self::assertSame(['explain 0-1000', 'a'], $see([], new Opening(['your-turn'])));
        self::assertSame(['explain 0-1000', 'explain 1000-2000', 'recap 3000-3500', 'a', 'c'], $see(['a'], new Opening(['your-turn'])));
        self::assertSame(
            ['explain 0-1000', 'explain 1000-2000', 'recap 3000-3500', 'recap 3500-4000', 'a', 'c'],
            $see(['a', 'c'], new Opening(['your-turn'])),
        );
        self::assertSame([], $see([], new Opening(['explain', 'your-turn', 'recap'])));
    }

    public function test_where_the_order_is_free_a_question_holds_up_its_own_part_alone(): void
    {
        $lesson = self::parted();
        $see = static fn (array $answered): array => self::seen($lesson, $answered, new Opening([], true));

        self::assertSame(['explain 0-1000', 'your-turn 2000-2600', 'recap 3000-3500', 'a', 'b', 'c'], $see([]));
        self::assertSame(
            ['explain 0-1000', 'your-turn 2000-2600', 'your-turn 2600-3000', 'recap 3000-3500', 'a', 'b', 'c'],
            $see(['b']),
        );
    }

    public function test_answers_of_the_exit_check_stay_closed_though_it_is_handed_in_until_they_may_be_seen(): void
    {
        $slides = [['one', 0.0, 4000.0], ['two', 4000.0, 9000.0]];
        $lesson = self::made($slides, [self::pause('a', 'two', 6000.0, true)]);
        $handedIn = new Progress(['a'], true);
        self::assertTrue(SealedLesson::seal($lesson, $handedIn, new Opening([], false, true))->hides(7000.0));
        self::assertFalse(SealedLesson::seal($lesson, $handedIn)->hides(7000.0));
    }

    public function test_the_way_through_a_lesson_leaves_out_what_is_closed(): void
    {
        $way = Progress::through(self::parted()->outline(), new Opening(['your-turn']));
        self::assertSame([[], ['a'], ['a', 'c']], array_column($way, 'answered'));
    }

    /**
     * @param  list<string>  $answered
     * @return list<string> the stages that a student gets, then the blocks of the pause points that are told
     */
    private static function seen(FrozenLesson $lesson, array $answered, Opening $opening): array
    {
        $sealed = SealedLesson::seal($lesson, new Progress($answered), $opening);
        $seen = [];
        foreach (LessonStages::of($lesson->outline()) as $stage) {
            $isBefore = static fn (FrozenPart $part): bool => $stage->from < $part->to;
            $part = array_values(array_filter(FrozenPart::of($lesson->outline()), $isBefore))[0];
            if (! $sealed->hides($stage->from)) {
                $seen[] = sprintf('%s %d-%d', $part->kind, $stage->from, $stage->to);
            }
        }
        foreach ($sealed->lesson->pauses as $pause) {
            if (! $pause->sealed) {
                $seen[] = $pause->block;
            }
        }

        return $seen;
    }

    /** Three parts with a question each: that of the first is asked at its very end. */
    private static function parted(): FrozenLesson
    {
        $made = self::made(
            [['one', 0.0, 1000.0], ['two', 1000.0, 2000.0], ['three', 2000.0, 3000.0], ['four', 3000.0, 4000.0]],
            [self::pause('a', 'one', 1000.0, false), self::pause('b', 'three', 2600.0, false), self::pause('c', 'four', 3500.0, false)],
        );
        $kinds = ['explain', 'explain', 'your-turn', 'recap'];
        $chapters = array_map(
            static function (FrozenChapter $each, string $kind): FrozenChapter {
                return new FrozenChapter($each->at, $each->until, $each->slide, '', $kind);
            },
            $made->chapters,
            $kinds,
        );

        return new FrozenLesson(
            $made->title,
            $made->length,
            $made->full,
            $made->slides,
            $made->tracks,
            $made->drawnTall,
            $made->captions,
            $chapters,
            $made->pauses,
        );
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
