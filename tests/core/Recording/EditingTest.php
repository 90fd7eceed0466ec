<?php

declare(strict_types=1);

namespace Tests\Core\Recording;

use Daybright\Format\WebVtt;
use Daybright\Lesson\Lesson;
use Daybright\Recording\Alignment\AlignedWord;
use Daybright\Recording\Alignment\Departure;
use Daybright\Recording\Alignment\DepartureKind;
use Daybright\Recording\Alignment\ScriptAlignment;
use Daybright\Recording\Captions;
use Daybright\Recording\Clock;
use Daybright\Recording\Cue;
use Daybright\Recording\Editing\CaptionCorrections;
use Daybright\Recording\Editing\CorrectedWords;
use Daybright\Recording\Editing\EditedTake;
use Daybright\Recording\Editing\Proposal;
use Daybright\Recording\Editing\ProposalKind;
use Daybright\Recording\Editing\Shortening;
use Daybright\Recording\Editing\Wording;
use Daybright\Recording\SampleRange;
use Daybright\Recording\Take;
use Daybright\Recording\Timeline;
use Daybright\Recording\VideoStretch;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Slides;

/** Words put right by typing, and what may be left out of a lesson that is too long. */
final class EditingTest extends TestCase
{
    public function test_as_many_words_keep_their_times_and_others_share_theirs_by_letters(): void
    {
        $said = [[
            new AlignedWord('The', 0, 200, true), new AlignedWord('son', 200, 500, true), new AlignedWord('sets.', 500, 900, true),
        ]];
        $right = CorrectedWords::read($said, [self::wording(200, 500, 'Sun')]);
        self::assertSame(['The 0', 'Sun 200', 'sets. 500'], self::told($right));
        $more = CorrectedWords::read($said, [self::wording(200, 500, 'big Sun')]);
        self::assertSame(['The 0', 'big 200', 'Sun 350', 'sets. 500'], self::told($more));
        self::assertCount(1, $more, 'they stay in their sentence');
        self::assertSame(['The 0', 'sets. 500'], self::told(CorrectedWords::read($said, [self::wording(200, 500, '')])));
    }

    public function test_what_is_typed_for_an_aside_stands_where_it_was_said(): void
    {
        $said = [[new AlignedWord('One,', 0, 400, true), new AlignedWord('two.', 2000, 2400, true)]];
        $with = CorrectedWords::read($said, [self::wording(600, 1800, 'wait, a dog.')]);
        self::assertSame(['One, 0', 'wait, 600', 'a 1154', 'dog. 1338', 'two. 2000'], self::told($with));
        self::assertSame([1, 3, 1], array_map(count(...), $with));
    }

    public function test_captions_read_what_was_typed_and_say_when_each_word_is_spoken(): void
    {
        $lesson = self::lesson(['Noon is short.']);
        $take = self::take($lesson, 0, [['Noon', 1000, 1300], ['is', 1300, 1500], ['short.', 1500, 2000]], 4000, [], [
            self::wording(1500, 2000, 'brief.'),
        ]);
        $cues = Captions::write(Timeline::build($lesson, [$take->slide => $take]));
        self::assertSame(['Noon is brief.'], array_map(static fn (Cue $cue): string => $cue->text, $cues));
        self::assertSame([1000.0, 1300.0, 1500.0], $cues[0]->words);
    }

    public function test_a_take_without_its_script_can_be_typed_as_well(): void
    {
        $lesson = self::lesson(['Quite another text.']);
        $typed = self::wording(0, 4000, 'What was really said.');
        $take = Take::recorded('t', $lesson->mainSlides()[0]->id, 48 * 4000, [], [], null, [$typed]);
        $cues = Captions::write(Timeline::build($lesson, [$take->slide => $take]));
        self::assertSame('What was really said.', $cues[0]->text);
    }

    public function test_a_long_pause_is_shortened_to_the_length_of_choice_where_it_is_quietest(): void
    {
        $lesson = self::lesson(['One two.']);
        $take = self::take($lesson, 0, [['One', 0, 1000], ['two.', 4000, 5000]], 5000);
        // A breath is heard from 3.5 to 3.8 seconds.
        $peaks = array_map(static fn (int $window): int => match (true) {
            $window < 20 || $window >= 80 => 60,
            $window >= 70 && $window < 76 => 20,
            default => 1,
        }, range(0, 99));
        $proposals = Shortening::propose([new EditedTake($lesson->mainSlides()[0], $take, $peaks)], 1000)->proposals;
        self::assertCount(1, $proposals);
        self::assertSame(ProposalKind::Pause, $proposals[0]->kind);
        self::assertSame(48 * 2000, $proposals[0]->range->length());
        self::assertGreaterThanOrEqual(48 * 1000, $proposals[0]->range->from);
        self::assertLessThanOrEqual(48 * 3500, $proposals[0]->range->to, 'the breath stays');
        self::assertSame([], Shortening::propose([new EditedTake($lesson->mainSlides()[0], $take, $peaks)], 2900)->proposals);
    }

    public function test_a_pause_in_which_something_is_drawn_is_left_as_it_is(): void
    {
        $lesson = self::lesson(['One two.']);
        $words = [['One', 0, 1000], ['two.', 4000, 5000]];
        $events = [['kind' => 'cover', 'at' => 2000, 'block' => 'text', 'cover' => 'c', 'box' => [0, 0, 1, 1]]];
        $take = self::take($lesson, 0, $words, 5000, events: $events);
        $peaks = array_fill(0, 100, 1);
        self::assertSame([], Shortening::propose([new EditedTake($lesson->mainSlides()[0], $take, $peaks)], 1000)->proposals);
    }

    public function test_what_is_missed_least_comes_first_and_adds_up_to_what_is_asked(): void
    {
        $lesson = self::lesson(['The shadow grows longer towards evening.', 'Again the shadow grows longer towards evening.']);
        $line = static fn (string $script, int $at): array => array_map(
            static fn (string $word, int $number): array => [$word, $at + 500 * $number, $at + 500 * $number + 500],
            explode(' ', $script),
            array_keys(explode(' ', $script)),
        );
        $first = self::take($lesson, 0, $line('The shadow grows longer towards evening.', 3000), 8000, [
            new Departure(DepartureKind::Restarted, 2000, 3000, 0, 'The shadow'),
            new Departure(DepartureKind::Added, 7000, 7900, 6, ''),
        ]);
        $second = self::take($lesson, 1, $line('Again the shadow grows longer towards evening.', 400), 4000);
        $edited = static fn (Take $take, int $number, array $kept = []): EditedTake => new EditedTake(
            $lesson->mainSlides()[$number],
            $take,
            [],
            $kept,
        );
        $shortening = Shortening::propose([$edited($first, 0), $edited($second, 1)], 5000);
        self::assertSame(['restart', 'aside', 'repetition'], array_map(
            static fn (Proposal $proposal): string => $proposal->kind->value,
            $shortening->proposals,
        ));
        self::assertSame('Again the shadow grows longer towards evening.', $shortening->proposals[2]->text);
        self::assertSame([0, 1, 2, 3, 3], array_map(
            static fn (int $milliseconds): int => $shortening->needed(48 * $milliseconds),
            [0, 900, 1900, 2000, 60_000],
        ));
        $kept = Shortening::propose([$edited($first, 0, [48 * 7000]), $edited($second, 1)], 5000);
        self::assertNotContains(ProposalKind::Aside, array_column($kept->proposals, 'kind'));
    }

    public function test_nothing_that_is_cut_already_is_proposed_and_no_sample_twice(): void
    {
        mt_srand(11);
        $script = 'One two three four five six. One two three four five six.';
        $lesson = self::lesson([$script]);
        for ($round = 0; $round < 100; $round++) {
            $at = 0;
            $words = [];
            foreach (explode(' ', $script) as $word) {
                $at += mt_rand(0, 3) === 0 ? mt_rand(400, 3000) : 0;
                $words[] = [$word, $at, $at += mt_rand(100, 500)];
            }
            $from = mt_rand(0, $at - 200);
            $departure = new Departure(DepartureKind::Added, $from, $from + mt_rand(100, 2000), 3, '');
            $take = self::take($lesson, 0, $words, $at + 500, [$departure]);
            $cut = new SampleRange(48 * ($start = mt_rand(0, $at - 100)), 48 * ($start + mt_rand(1, 1500)));
            $take = Take::recorded($take->id, $take->slide, $take->length, [], [$cut], $take->alignment);
            $peaks = array_map(static fn (): int => mt_rand(0, 40), range(0, intdiv($at + 500, 50)));
            $ranges = array_map(
                static fn (Proposal $proposal): SampleRange => $proposal->range,
                Shortening::propose([new EditedTake($lesson->mainSlides()[0], $take, $peaks)], mt_rand(200, 1500))->proposals,
            );
            foreach ($ranges as $number => $range) {
                self::assertLessThanOrEqual($take->length, $range->to);
                self::assertFalse($range->meets($cut));
                foreach (array_slice($ranges, $number + 1) as $other) {
                    self::assertFalse($range->meets($other));
                }
            }
        }
    }

    public function test_captions_that_come_back_as_they_left_change_nothing_and_others_are_typed(): void
    {
        mt_srand(3);
        $script = 'One two three, four five six. Seven eight nine ten, eleven twelve thirteen fourteen. Fifteen sixteen.';
        $lesson = self::lesson([$script, $script]);
        for ($round = 0; $round < 60; $round++) {
            $takes = [];
            foreach ([0, 1] as $number) {
                $at = mt_rand(0, 2000);
                $words = [];
                foreach (explode(' ', $script) as $word) {
                    $words[] = [$word, $at, $at += mt_rand(80, 900)];
                    $at += mt_rand(0, 4) === 0 ? mt_rand(0, 2500) : 0;
                }
                $take = self::take($lesson, $number, $words, $at + 1000);
                $start = 48 * mt_rand(0, $at - 500);
                $cut = new SampleRange($start, $start + 48 * mt_rand(1, 700));
                $takes[$take->slide] = Take::recorded($take->id, $take->slide, $take->length, [], [$cut], $take->alignment);
            }
            $timeline = Timeline::build($lesson, $takes);
            $file = WebVtt::write(self::onVideo($timeline, Captions::write($timeline)));
            self::assertSame([0, []], CaptionCorrections::read($timeline, WebVtt::read($file)));

            $cues = WebVtt::read($file);
            $changed = array_rand($cues);
            $cues[$changed] = new Cue($cues[$changed]->from, $cues[$changed]->to, 'Quite other words');
            [$count, $wordings] = CaptionCorrections::read($timeline, $cues);
            self::assertSame([1, 1], [$count, count($wordings)]);
            $corrected = array_map(static fn (Take $take): Take => Take::recorded(
                $take->id,
                $take->slide,
                $take->length,
                [],
                $take->cuts,
                $take->alignment,
                $wordings[$take->id] ?? [],
            ), $takes);
            $now = self::plain(Captions::write(Timeline::build($lesson, $corrected)));
            self::assertSame(self::plain($cues), $now);
        }
    }

    public function test_captions_of_a_take_without_its_script_are_taken_as_they_are(): void
    {
        $lesson = self::lesson(['Quite another text. And more of it.']);
        $take = Take::recorded('t', $lesson->mainSlides()[0]->id, 48 * 6000, [], [], null);
        $timeline = Timeline::build($lesson, [$take->slide => $take]);
        [$changed, $wordings] = CaptionCorrections::read($timeline, [
            new Cue(0, 3000, 'What was said.'), new Cue(3000, 6000, 'And what then.'),
        ]);
        self::assertSame(2, $changed);
        $now = Take::recorded('t', $take->slide, $take->length, [], [], null, $wordings['t']);
        self::assertSame('What was said. And what then.', self::plain(Captions::write(Timeline::build($lesson, [$take->slide => $now]))));
    }

    public function test_what_is_said_while_the_lesson_waits_is_not_its_own(): void
    {
        $document = Slides::document([]);
        $slide = &$document['parts'][0]['slides'][0];
        $slide['steps'] = [['id' => 'step-1', 'script' => 'One two.', 'pause' => 0]];
        $slide['blocks'] = [[
            'id' => 'pause', 'kind' => 'pause', 'region' => 'main', 'step' => 'step-1', 'reveals' => [],
            'content' => ['prompt' => 'Try it.', 'seconds' => 10],
        ]];
        $lesson = Lesson::from($document);
        $take = Take::recorded('t', $lesson->mainSlides()[0]->id, 48 * 3000, [], [], null);
        $timeline = Timeline::build($lesson, [$take->slide => $take]);
        self::assertSame(48 * 13_000, $timeline->length());
        self::assertSame([0, []], CaptionCorrections::read($timeline, [new Cue(4000, 9000, 'Heard in a clip.')]));
        $video = $timeline->video();
        $moments = array_map(static fn (int $milliseconds): int => VideoStretch::FRAME + 48 * $milliseconds, [2999, 3000, 12_999]);
        self::assertSame([48 * 2999, null, null], array_map($video->narrationAt(...), $moments));
    }

    /**
     * @param  list<Cue>  $cues
     * @return list<Cue>
     */
    private static function onVideo(Timeline $timeline, array $cues): array
    {
        $video = $timeline->video();
        $at = static fn (float $moment, bool $before): float => Clock::milliseconds($video->at(Clock::samples($moment), $before));

        return array_map(static fn (Cue $cue): Cue => new Cue($at($cue->from, false), $at($cue->to, true), $cue->text), $cues);
    }

    /** @param  list<Cue>  $cues */
    private static function plain(array $cues): string
    {
        return strtr(implode(' ', array_map(static fn (Cue $cue): string => $cue->text, $cues)), "\n", ' ');
    }

    private static function wording(int $from, int $to, string $text): Wording
    {
        return new Wording(new SampleRange(48 * $from, 48 * $to), $text);
    }

    /** @param  list<string>  $scripts of a slide each */
    private static function lesson(array $scripts): Lesson
    {
        $document = Slides::document([]);
        $slide = $document['parts'][0]['slides'][0];
        $document['parts'][0]['slides'] = array_map(static fn (string $script, int $number): array => [
            ...$slide,
            'id' => "slide-{$number}",
            'steps' => [['id' => "step-{$number}", 'script' => $script, 'pause' => 0]],
        ], $scripts, array_keys($scripts));

        return Lesson::from($document);
    }

    /**
     * @param  list<array{string, int, int}>  $words with their milliseconds
     * @param  list<Departure>  $departures
     * @param  list<Wording>  $wordings
     * @param  list<array<string, mixed>>  $events
     */
    private static function take(
        Lesson $lesson,
        int $slide,
        array $words,
        int $length,
        array $departures = [],
        array $wordings = [],
        array $events = [],
    ): Take {
        $aligned = array_map(static fn (array $word): AlignedWord => new AlignedWord($word[0], $word[1], $word[2], true), $words);

        return Take::recorded(
            "take-{$slide}",
            $lesson->mainSlides()[$slide]->id,
            Clock::samples($length),
            $events,
            [],
            new ScriptAlignment($aligned, $departures, true),
            $wordings,
        );
    }

    /**
     * @param  list<non-empty-list<AlignedWord>>  $sentences
     * @return list<string>
     */
    private static function told(array $sentences): array
    {
        return array_map(static fn (AlignedWord $word): string => "{$word->text} ".(int) round($word->from), array_merge(...$sentences));
    }
}
