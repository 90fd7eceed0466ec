<?php

declare(strict_types=1);

namespace Daybright\Recording;

use Daybright\Block\SlideFacts;
use Daybright\Language\PlainWords;
use Daybright\Recording\Alignment\AlignedWord;

/**
 * Captions from the script, where its words are said; where that is not known, each step's line is shared over the time in which its
 * step is spoken.
 *
 * At most two rows of 42 letters at a time, for 1 to 7 seconds, no more than 20 letters a second where the speech allows it (common
 * practice in subtitling).
 */
final class Captions
{
    private const ROW = 42;

    /** Milliseconds. */
    private const SHORTEST = 1000.0;

    private const LONGEST = 7000.0;

    private const LETTERS_A_SECOND = 20;

    /** Milliseconds for which a caption may stay when nothing more is said. */
    private const LINGER = 1500.0;

    /** @return list<Cue> on the narration clock */
    public static function write(Timeline $programme): array
    {
        return array_merge(...array_map(self::segment(...), $programme->segments));
    }

    /** @return list<Cue> of one slide, on the narration clock */
    public static function segment(TimelineSegment $segment): array
    {
        $spoken = SlideScript::spoken($segment->slide, $segment->take);
        if ($spoken !== null) {
            return self::followed($segment, $spoken);
        }
        $facts = SlideFacts::on($segment->slide);
        $cues = [];
        foreach (SpokenStep::locate($segment->slide, $segment->take) as $step) {
            $script = PlainWords::read($segment->slide->steps[$step->number]->script, $facts);
            [$from, $to] = [$segment->milliseconds($step->from), $segment->milliseconds($step->to)];
            array_push($cues, ...($to > $from && $script !== '' ? self::share($script, $from, $to) : []));
        }

        return $cues;
    }

    /**
     * @param  list<non-empty-list<AlignedWord>>  $sentences
     * @return list<Cue>
     */
    private static function followed(TimelineSegment $segment, array $sentences): array
    {
        $pieces = [];
        foreach ($sentences as $sentence) {
            $heard = array_values(array_filter($sentence, static fn (AlignedWord $word): bool => self::isHeard($word, $segment)));
            foreach ($heard === [] ? [] : self::broken($heard) as $piece) {
                $pieces[] = $piece;
            }
        }
        $cues = [];
        foreach ($pieces as $number => $words) {
            $from = $segment->milliseconds(Clock::samples($words[0]->from));
            $to = $segment->milliseconds(Clock::samples($words[count($words) - 1]->to));
            $next = isset($pieces[$number + 1])
                ? $segment->milliseconds(Clock::samples($pieces[$number + 1][0]->from))
                : Clock::milliseconds($segment->ends());
            $text = implode(' ', array_map(static fn (AlignedWord $word): string => $word->text, $words));
            $wanted = max(self::SHORTEST, mb_strlen($text) * 1000 / self::LETTERS_A_SECOND);
            $until = min($next, $from + self::LONGEST, max($to, min($from + $wanted, $to + self::LINGER)));
            if ($until > $from) {
                $cues[] = new Cue($from, $until, self::wrapped($text), array_map(
                    static fn (AlignedWord $word): float => round($segment->milliseconds(Clock::samples($word->from)), 1),
                    $words,
                ));
            }
        }

        return $cues;
    }

    private static function isHeard(AlignedWord $word, TimelineSegment $segment): bool
    {
        $middle = Clock::samples(($word->from + $word->to) / 2);

        return $word->isSaid && array_filter(
            $segment->kept->ranges,
            static fn (SampleRange $range): bool => $range->from <= $middle && $middle < $range->to,
        ) !== [];
    }

    /**
     * A sentence in pieces that are short enough to be shown at once, broken where sense or a pause breaks it.
     *
     * @param  list<AlignedWord>  $words
     * @return list<list<AlignedWord>>
     */
    private static function broken(array $words): array
    {
        $count = count($words);
        $text = implode(' ', array_map(static fn (AlignedWord $word): string => $word->text, $words));
        $fits = substr_count(self::wrapped($text), "\n") <= 1 && $words[$count - 1]->to - $words[0]->from <= self::LONGEST;
        if ($fits || $count === 1) {
            return [$words];
        }
        // Near the middle, after a comma rather than anywhere, and where there is a pause.
        $best = 1;
        $most = -INF;
        for ($at = 1; $at < $count; $at++) {
            $isComma = preg_match('/[,;:–]$/u', $words[$at - 1]->text) === 1;
            $worth = -abs($at / $count - 0.5) + ($isComma ? 0.3 : 0.0) + min(0.4, ($words[$at]->from - $words[$at - 1]->to) / 2000);
            if ($worth > $most) {
                [$best, $most] = [$at, $worth];
            }
        }

        return [...self::broken(array_slice($words, 0, $best)), ...self::broken(array_slice($words, $best))];
    }

    /** @return list<Cue> */
    private static function share(string $script, float $from, float $to): array
    {
        $pieces = self::pieces($script);
        $letters = array_sum(array_map(mb_strlen(...), $pieces));
        $cues = [];
        $at = $from;
        foreach ($pieces as $piece) {
            $end = $at + ($to - $from) * mb_strlen($piece) / max(1, $letters);
            $cues[] = new Cue($at, $end, $piece);
            $at = $end;
        }

        return $cues;
    }

    /** @return list<string> each at most two rows, broken at sentences where there is one */
    private static function pieces(string $script): array
    {
        $pieces = [];
        foreach (preg_split(
            '/(?<=[.?!…]) +/u',
            (string) preg_replace('/[ \t\n]+/', ' ', $script),
            -1,
            PREG_SPLIT_NO_EMPTY,
        ) ?: [] as $sentence) {
            $rows = explode("\n", self::wrapped($sentence));
            foreach (array_chunk($rows, 2) as $pair) {
                $pieces[] = implode("\n", $pair);
            }
        }

        return $pieces;
    }

    private static function wrapped(string $sentence): string
    {
        $rows = [''];
        foreach (explode(' ', $sentence) as $word) {
            $last = count($rows) - 1;
            if ($rows[$last] !== '' && mb_strlen($rows[$last].' '.$word) > self::ROW) {
                $rows[] = $word;
            } else {
                $rows[$last] = trim($rows[$last].' '.$word);
            }
        }

        return implode("\n", $rows);
    }
}
