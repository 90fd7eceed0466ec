<?php

declare(strict_types=1);

namespace Daybright\Recording\Editing;

use Daybright\Recording\Alignment\AlignedWord;
use Daybright\Recording\Clock;

/** The words of a take with what was typed for them in their place. */
final class CorrectedWords
{
    /**
     * @param  list<non-empty-list<AlignedWord>>  $sentences in the order of time
     * @param  list<Wording>  $wordings in any order, not overlapping
     * @return list<non-empty-list<AlignedWord>> in the order of time; what is typed for a pause in a sentence stands between its halves
     */
    public static function read(array $sentences, array $wordings): array
    {
        if ($wordings === []) {
            return $sentences;
        }
        $words = [];
        foreach ($sentences as $sentence => $said) {
            foreach ($said as $word) {
                $words[] = [$word, $sentence];
            }
        }
        foreach ($wordings as $number => $wording) {
            $words = self::replaced($words, $wording, count($sentences) + $number);
        }
        usort($words, static fn (array $one, array $other): int => $one[0]->from <=> $other[0]->from);

        return self::grouped($words);
    }

    /**
     * @param  list<array{AlignedWord, int}>  $words each with its sentence
     * @param  int  $own sentence of what is typed where nothing was known to be said
     * @return list<array{AlignedWord, int}>
     */
    private static function replaced(array $words, Wording $wording, int $own): array
    {
        $kept = $old = [];
        $sentence = null;
        foreach ($words as [$word, $of]) {
            if ($word->isSaid && $wording->isAt(($word->from + $word->to) / 2 * Clock::RATE / 1000)) {
                $old[] = $word;
                $sentence ??= $of;
            } else {
                $kept[] = [$word, $of];
            }
        }
        foreach (self::laid($wording, $old) as $word) {
            $kept[] = [$word, $sentence ?? $own];
        }

        return $kept;
    }

    /**
     * As many words as before keep their times; others are spread by their letters.
     *
     * @param  list<AlignedWord>  $old
     * @return list<AlignedWord>
     */
    public static function laid(Wording $wording, array $old): array
    {
        $typed = preg_split('/\s+/u', $wording->text, -1, PREG_SPLIT_NO_EMPTY) ?: [];
        if (count($typed) === count($old)) {
            return array_map(
                static fn (string $text, AlignedWord $word): AlignedWord => new AlignedWord($text, $word->from, $word->to, true),
                $typed,
                $old,
            );
        }
        $from = $old === [] ? Clock::milliseconds($wording->range->from) : $old[0]->from;
        $to = $old === [] ? Clock::milliseconds($wording->range->to) : $old[count($old) - 1]->to;
        $letters = array_sum(array_map(static fn (string $text): int => mb_strlen($text) + 1, $typed));
        $laid = [];
        foreach ($typed as $text) {
            $until = $from + ($to - $from) * (mb_strlen($text) + 1) / $letters;
            $laid[] = new AlignedWord($text, $from, $until, true);
            $letters -= mb_strlen($text) + 1;
            $from = $until;
        }

        return $laid;
    }

    /**
     * @param  list<array{AlignedWord, int}>  $words
     * @return list<non-empty-list<AlignedWord>>
     */
    private static function grouped(array $words): array
    {
        $groups = [];
        $before = null;
        foreach ($words as [$word, $sentence]) {
            if ($sentence === $before) {
                $groups[count($groups) - 1][] = $word;
            } else {
                $groups[] = [$word];
            }
            $before = $sentence;
        }

        return $groups;
    }
}
