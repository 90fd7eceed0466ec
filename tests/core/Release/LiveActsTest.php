<?php

declare(strict_types=1);

namespace Tests\Core\Release;

use Daybright\Format\Transcript;
use Daybright\Lesson\Fields;
use Daybright\Lesson\Lesson;
use Daybright\Ready\Finding;
use Daybright\Ready\ReadyCheck;
use Daybright\Recording\Take;
use Daybright\Recording\Timeline;
use Daybright\Recording\Tracks\Acts\Act;
use Daybright\Release\FrozenLesson;
use Daybright\Release\LessonFreezer;
use Daybright\Release\SeenPicture;
use Daybright\Watching\Progress;
use Daybright\Watching\SealedLesson;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Slides;

final class LiveActsTest extends TestCase
{
    public function test_every_state_is_frozen_once_and_told(): void
    {
        $frozen = self::frozen(self::turned('1000 x² + 4x', '2000 x² − 1x', '3000 x² + 4x'));
        $acts = self::acts($frozen);
        self::assertSame([[1000.0, 2000.0], [2000.0, 3000.0], [3000.0, 10_000.0]], array_map(
            static fn (Act $act): array => [$act->from, $act->to],
            $acts,
        ));
        self::assertSame($acts[0]->state, $acts[2]->state);
        self::assertCount(2, $frozen->slides['slide-1']->states);
        self::assertSame('turns y = x² + 2x into y = x² + 4x', $acts[0]->words);
        self::assertStringContainsString('[turns y = x² + 4x into y = x² − 1x]', Transcript::write($frozen, self::lesson()));
    }

    public function test_only_the_groups_of_the_block_are_others(): void
    {
        $frozen = self::frozen(self::turned('1000 x² + 4x'));
        $slide = $frozen->slides['slide-1'];
        [$before, $after] = [$slide->svgAt(1), $slide->svgAt(1, [self::acts($frozen)[0]->state])];
        self::assertStringContainsString('>slide</tspan>', $after);
        $pattern = '#<g data-block="(?!graph)[^>]*>.*?</g>#s';
        $others = static fn (string $svg): array => preg_match_all($pattern, $svg, $found) > 0 ? $found[0] : [];
        self::assertSame($others($before), $others($after));
        self::assertNotSame($before, $after);
        self::assertNotNull($slide->states[self::acts($frozen)[0]->state]->tall);
    }

    public function test_what_is_seen_changes_with_steps_and_acts(): void
    {
        $frozen = self::frozen([...self::turned('1000 x² + 4x'), ['kind' => 'step', 'at' => 2000, 'step' => 'step-2']]);
        $state = self::acts($frozen)[0]->state;
        self::assertSame(
            [[0.0, 0, []], [1000.0, 0, [$state]], [2000.0, 1, [$state]]],
            array_map(static fn (SeenPicture $seen): array => [$seen->from, $seen->step, $seen->states], $frozen->seen()),
        );
    }

    public function test_it_is_read_as_it_was_written(): void
    {
        $frozen = self::frozen(self::turned('1000 x² + 4x', '2000 x² − 1x'));
        $written = json_decode((string) json_encode($frozen->toArray()), true);
        self::assertIsArray($written);
        self::assertEquals($frozen, FrozenLesson::read(new Fields($written)));
        self::assertStringNotContainsString('functions', (string) json_encode($written['tracks'] ?? []));
    }

    public function test_what_is_done_behind_a_question_is_not_known_before_it_is_answered(): void
    {
        $question = Slides::block('q', 'question', [
            'type' => 'number', 'prompt' => 'How many?', 'marks' => 1, 'answer' => '4', 'unit' => '', 'tolerance' => '', 'stops' => true,
        ]);
        $events = [...self::turned('1000 x² + 4x', '6000 x² − 1x'), ['kind' => 'step', 'at' => 5000, 'step' => 'step-2']];
        $frozen = self::frozen($events, self::lesson([$question]));
        $sealed = SealedLesson::seal($frozen, new Progress([], false))->lesson;
        $known = array_filter(self::acts($frozen), static fn (Act $act): bool => $act->from < $frozen->pauses[0]->at);
        self::assertCount(count($known), self::acts($sealed));
        self::assertCount(count($known), $sealed->slides['slide-1']->states);
        self::assertNotCount(2, $sealed->slides['slide-1']->states);
        self::assertCount(2, SealedLesson::seal($frozen, new Progress(['q'], false))->lesson->slides['slide-1']->states);
    }

    public function test_acts_that_make_no_sense_any_more_are_left_out_and_named(): void
    {
        $events = [
            ...self::turned('1000 x² + 4x'),
            ['kind' => 'act', 'at' => 61_000, 'block' => 'gone', 'change' => ['quantities' => ['functions' => 'x']]],
            ['kind' => 'act', 'at' => 62_000, 'block' => 'graph', 'change' => ['quantities' => ['from' => '-9']]],
            ['kind' => 'act', 'at' => 63_000, 'block' => 'graph', 'change' => ['quantities' => ['functions' => 'x +']]],
        ];
        $take = Take::recorded('take', 'slide-1', 70 * 48_000, $events, []);
        self::assertCount(1, array_unique(array_column(self::acts(self::frozen($events)), 'state')));
        $findings = (new ReadyCheck(Slides::painter()))->of(self::lesson(), ['slide-1' => $take]);
        $named = array_values(array_filter($findings, static fn (Finding $each): bool => $each->rule === 'act-without-sense'));
        self::assertStringContainsString('at 1:01, 1:02, 1:03 of its recording', $named[0]->sentence);
        $whole = Take::recorded('take', 'slide-1', 480_000, self::turned('1000 x² + 4x'), []);
        $findings = (new ReadyCheck(Slides::painter()))->of(self::lesson(), ['slide-1' => $whole]);
        self::assertSame([], array_filter($findings, static fn (Finding $each): bool => $each->rule === 'act-without-sense'));
    }

    public function test_what_was_refused_leaves_the_block_as_it_was_and_spoils_nothing_that_follows(): void
    {
        $frozen = self::frozen(self::turned('1000 x² + 4x', '2000 x +', '3000 x² + 6x'));
        $acts = self::acts($frozen);
        self::assertSame([1000.0, 2000.0, 3000.0], array_column($acts, 'from'));
        self::assertSame($acts[0]->state, $acts[1]->state);
        self::assertSame(['turns y = x² + 2x into y = x² + 4x', '', 'turns y = x² + 4x into y = x² + 6x'], array_column($acts, 'words'));
    }

    public function test_words_are_ringed_and_struck_out_and_a_label_is_written_on_any_block(): void
    {
        $write = static fn (int $at, array $annotations): array => [
            'kind' => 'act', 'at' => $at, 'block' => 'text', 'change' => ['annotations' => $annotations],
        ];
        $text = Slides::block('text', 'text', ['text' => 'The shadow of the stick is longer than the stick.']);
        $frozen = self::frozen([
            $write(1000, ['words' => ['the stick (2)' => 'ring']]),
            $write(2000, ['words' => ['shadow' => 'strike']]),
            $write(3000, ['labels' => ['a' => ['text' => 'at noon', 'x' => 0.5, 'y' => 1.4]]]),
            $write(4000, ['words' => ['the stick (2)' => null]]),
        ], self::lesson([$text]));
        $acts = self::acts($frozen);
        self::assertSame([
            'rings “the stick (2)”',
            'strikes out “shadow”',
            'writes “at noon” beside it',
            'takes the mark off “the stick (2)”',
        ], array_column($acts, 'words'));
        $marks = array_map(static fn (Act $act): array => [
            substr_count($frozen->slides['slide-1']->svgAt(0, [$act->state]), 'data-piece="annotations"'),
            str_contains($frozen->slides['slide-1']->svgAt(0, [$act->state]), '>noon</tspan>'),
        ], $acts);
        self::assertSame([[1, false], [2, false], [3, true], [2, true]], $marks);
    }

    public function test_a_plot_follows_the_table_that_feeds_it(): void
    {
        $quantities = ['view' => 'scatter', 'table' => ''];
        $plot = Slides::block('plot', 'figure', ['figure' => 'data-plot', 'quantities' => $quantities]) + ['source' => 'table'];
        $table = Slides::block('table', 'table', [
            'rows' => [['hour', 'shadow'], ['9', '40'], ['12', '']], 'hasHead' => true, 'hasSide' => false,
        ]);
        $events = [['kind' => 'act', 'at' => 1000, 'block' => 'table', 'change' => ['typed' => ['2/1' => '12']]]];
        $frozen = self::frozen($events, Slides::lesson([$table, $plot]));
        $slide = $frozen->slides['slide-1'];
        $plotted = static fn (string $svg): string => preg_match('#<g data-block="plot".*?</g>#s', $svg, $found) === 1 ? $found[0] : '';
        self::assertNotSame($plotted($slide->svgAt(0)), $plotted($slide->svgAt(0, [self::acts($frozen)[0]->state])));
    }

    /** @return list<array<string, mixed>> events, each from its milliseconds and the function that the graph is turned to */
    private static function turned(string ...$acts): array
    {
        return array_values(array_map(static function (string $act): array {
            [$at, $function] = explode(' ', $act, 2);

            return ['kind' => 'act', 'at' => (int) $at, 'block' => 'graph', 'change' => ['quantities' => ['functions' => $function]]];
        }, $acts));
    }

    /** @param  list<array<string, mixed>>  $more blocks */
    private static function lesson(array $more = []): Lesson
    {
        return Slides::lesson([Slides::block('graph', 'figure', [
            'figure' => 'function-graph',
            'quantities' => ['functions' => 'x² + 2x', 'from' => '-3', 'to' => '3', 'table' => false],
        ]), ...$more]);
    }

    /** @param  list<array<string, mixed>>  $events */
    private static function frozen(array $events, ?Lesson $lesson = null): FrozenLesson
    {
        $lesson ??= self::lesson();
        $length = max([10_000, ...array_map(static fn (array $event): int => is_int($event['at']) ? $event['at'] + 1000 : 0, $events)]);
        $takes = ['slide-1' => Take::recorded('take', 'slide-1', $length * 48, $events, [])];

        return (new LessonFreezer(Slides::painter()))->freeze($lesson, Timeline::build($lesson, $takes));
    }

    /** @return list<Act> */
    private static function acts(FrozenLesson $lesson): array
    {
        return array_values(array_filter(
            $lesson->tracks->intervals['acts'] ?? [],
            static fn ($each): bool => $each instanceof Act,
        ));
    }
}
