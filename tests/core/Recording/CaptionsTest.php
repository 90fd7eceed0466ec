<?php

declare(strict_types=1);

namespace Tests\Core\Recording;

use Daybright\Lesson\Lesson;
use Daybright\Recording\Alignment\AlignedWord;
use Daybright\Recording\Alignment\ScriptAlignment;
use Daybright\Recording\Captions;
use Daybright\Recording\Cue;
use Daybright\Recording\SampleRange;
use Daybright\Recording\Take;
use Daybright\Recording\Timeline;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Slides;

/** Captions that follow the words. Bounds of rows, length and pace are common practice in subtitling. */
final class CaptionsTest extends TestCase
{
    private const WORDS = [
        'shadow', 'of', 'the', 'stick,', 'noon', 'is', 'short', 'a', 'sundial', 'tells',
        'extraordinarily', 'morning', 'and', 'evening;', 'we',
    ];

    public function test_every_word_is_in_exactly_one_caption_and_none_overlap_whatever_is_said(): void
    {
        mt_srand(7);
        for ($round = 0; $round < 60; $round++) {
            [$script, $words] = self::said(mt_rand(1, 6));
            $cues = self::captions($script, $words);
            self::assertSame(
                implode(' ', array_map(static fn (AlignedWord $word): string => $word->text, $words)),
                strtr(implode(' ', array_map(static fn (Cue $cue): string => $cue->text, $cues)), "\n", ' '),
            );
            foreach ($cues as $number => $cue) {
                self::assertLessThanOrEqual($cues[$number + 1]->from ?? INF, $cue->to, 'it ends before the next begins');
                self::assertGreaterThan($cue->from, $cue->to);
                self::assertLessThanOrEqual(7000.0, $cue->to - $cue->from);
                self::assertLessThanOrEqual(1, substr_count($cue->text, "\n"));
                self::assertLessThanOrEqual(42, max(array_map(mb_strlen(...), explode("\n", $cue->text))));
            }
        }
    }

    public function test_a_caption_stands_when_its_words_are_said_and_long_enough_to_be_read(): void
    {
        $words = self::every(['Noon.' => [1000, 1300], 'Now' => [6000, 6200], 'look.' => [6200, 6600]]);
        $cues = self::captions('Noon. Now look.', $words);
        self::assertSame([[1000.0, 2000.0, 'Noon.'], [6000.0, 7000.0, 'Now look.']], array_map(
            static fn (Cue $cue): array => [$cue->from, $cue->to, $cue->text],
            $cues,
        ));
    }

    public function test_what_is_cut_or_left_out_is_not_captioned(): void
    {
        $words = [
            ...self::every(['One' => [1000, 1400], 'two' => [1400, 1800], 'three.' => [1800, 2200]]),
            new AlignedWord('Skipped.', 2200, 2200, false),
            ...self::every(['Four.' => [3000, 3500]]),
        ];
        $cues = self::captions('One two three. Skipped. Four.', $words, [new SampleRange(48 * 1390, 48 * 1810)]);
        self::assertSame(['One three.', 'Four.'], array_map(static fn (Cue $cue): string => $cue->text, $cues));
        self::assertEqualsWithDelta(3000 - 420, $cues[1]->from, 0.1);
    }

    public function test_another_script_is_shared_out_over_its_step(): void
    {
        $cues = self::captions('Quite another text.', self::every(['Noon.' => [1000, 1300]]));
        self::assertSame([0.0, 'Quite another text.'], [$cues[0]->from, $cues[0]->text]);
    }

    /** @return array{string, list<AlignedWord>} */
    private static function said(int $sentences): array
    {
        $at = 500.0;
        $lines = $words = [];
        for ($sentence = 0; $sentence < $sentences; $sentence++) {
            $line = [];
            for ($number = mt_rand(1, 40); $number > 0; $number--) {
                $text = $line === [] ? ucfirst(self::WORDS[mt_rand(0, 14)]) : self::WORDS[mt_rand(0, 14)];
                $line[] = $text = $number === 1 ? rtrim($text, ',;').'.' : $text;
                $length = mt_rand(60, 600);
                $words[] = new AlignedWord($text, $at, $at + $length, true);
                $at += $length + (mt_rand(0, 9) === 0 ? mt_rand(100, 3000) : 0);
            }
            $lines[] = implode(' ', $line);
            $at += mt_rand(0, 1500);
        }

        return [implode(' ', $lines), $words];
    }

    /**
     * @param  array<string, array{int, int}>  $words
     * @return list<AlignedWord>
     */
    private static function every(array $words): array
    {
        return array_map(
            static fn (string $text, array $time): AlignedWord => new AlignedWord($text, $time[0], $time[1], true),
            array_keys($words),
            $words,
        );
    }

    /**
     * @param  list<AlignedWord>  $words
     * @param  list<SampleRange>  $cuts
     * @return list<Cue>
     */
    private static function captions(string $script, array $words, array $cuts = []): array
    {
        $document = Slides::document([]);
        $document['parts'][0]['slides'][0]['steps'] = [['id' => 'step-1', 'script' => $script, 'pause' => 0]];
        $lesson = Lesson::from($document);
        $end = (int) (48 * (($words[count($words) - 1]->to ?? 0) + 4000));
        $alignment = new ScriptAlignment($words, [], true);
        $take = Take::recorded('take', $lesson->mainSlides()[0]->id, $end, [], $cuts, $alignment);

        return Captions::write(Timeline::build($lesson, [$take->slide => $take]));
    }
}
