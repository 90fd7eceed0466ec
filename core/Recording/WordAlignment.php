<?php

declare(strict_types=1);

namespace Daybright\Recording;

use Daybright\Block\SlideFacts;
use Daybright\Language\PlainWords;
use Daybright\Lesson\Slide;
use Daybright\Recording\Alignment\AlignedWord;

/**
 * The words of the script in the sound of a take. Where they were not found (yet), each step's words are spread over the sound between
 * its reveal and the next, by their letters, leaving silences out: good enough to aim a cut by; the sound wave shows the rest.
 */
final class WordAlignment
{
    /** The shortest quiet that counts as a silence, in windows of 50 ms. */
    private const SHORTEST = 8;

    /**
     * @param  list<int>  $peaks the loudest of each 50 ms, 0 to 100
     * @return list<SpokenWord>
     */
    public static function align(Slide $slide, Take $take, array $peaks): array
    {
        $spoken = SlideScript::spoken($slide, $take);
        if ($spoken !== null) {
            return self::found(array_merge(...$spoken), $take);
        }
        $quiet = self::quiet($peaks);
        $words = [];
        $facts = SlideFacts::on($slide);
        foreach (SpokenStep::locate($slide, $take) as $step) {
            $script = PlainWords::read($slide->steps[$step->number]->script, $facts);
            array_push($words, ...($step->to > $step->from ? self::lay($script, self::pieces($step->from, $step->to, $quiet)) : []));
        }

        return $words;
    }

    /**
     * Words where they are said, how they depart from the script, and the silences between.
     *
     * @param  list<AlignedWord>  $spoken
     * @return list<SpokenWord>
     */
    private static function found(array $spoken, Take $take): array
    {
        $words = [];
        foreach ($take->alignment->departures ?? [] as $departure) {
            $words[] = new SpokenWord(
                $departure->text,
                Clock::samples($departure->from),
                Clock::samples($departure->to),
                false,
                $departure->kind->value,
            );
        }
        foreach ($spoken as $word) {
            if ($word->isSaid && $word->to > $word->from) {
                $words[] = new SpokenWord($word->text, Clock::samples($word->from), Clock::samples($word->to), false);
            }
        }
        usort($words, static fn (SpokenWord $one, SpokenWord $other): int => $one->from <=> $other->from);
        $laid = [];
        $at = 0;
        foreach ([...$words, new SpokenWord('', $take->length, $take->length, true)] as $word) {
            if ($word->from - $at >= Clock::samples(Silence::WINDOW * self::SHORTEST)) {
                $laid[] = new SpokenWord('', $at, $word->from, true);
            }
            if ($word->to > $word->from || $word->departure !== null) {
                $laid[] = $word;
            }
            $at = max($at, $word->to);
        }

        return $laid;
    }

    /**
     * Ranges of quiet, in samples.
     *
     * @param  list<int>  $peaks
     * @return list<SampleRange>
     */
    private static function quiet(array $peaks): array
    {
        $sorted = $peaks;
        sort($sorted);
        $floor = max(2, ($sorted[intdiv(count($sorted), 10)] ?? 0) * 3);
        $window = Clock::samples(Silence::WINDOW);
        $quiet = [];
        $from = null;
        foreach ([...$peaks, 100] as $index => $peak) {
            if ($peak <= $floor) {
                $from ??= $index;
            } elseif ($from !== null) {
                if ($index - $from >= self::SHORTEST) {
                    $quiet[] = new SampleRange($from * $window, $index * $window);
                }
                $from = null;
            }
        }

        return $quiet;
    }

    /**
     * A stretch of a take as silences and sounding pieces in turn.
     *
     * @param  list<SampleRange>  $quiet
     * @return list<array{int, int, bool}> from, to, whether it is silent
     */
    private static function pieces(int $from, int $to, array $quiet): array
    {
        $pieces = [];
        $at = $from;
        foreach ($quiet as $range) {
            $start = max($from, $range->from);
            $end = min($to, $range->to);
            if ($end <= $start) {
                continue;
            }
            if ($start > $at) {
                $pieces[] = [$at, $start, false];
            }
            $pieces[] = [$start, $end, true];
            $at = $end;
        }
        if ($at < $to) {
            $pieces[] = [$at, $to, false];
        }

        return $pieces;
    }

    /**
     * @param  list<array{int, int, bool}>  $pieces
     * @return list<SpokenWord>
     */
    private static function lay(string $script, array $pieces): array
    {
        $words = preg_split('/\s+/u', trim($script), -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $sounding = array_sum(array_map(static fn (array $piece): int => $piece[2] ? 0 : $piece[1] - $piece[0], $pieces));
        $letters = array_sum(array_map(static fn (string $word): int => mb_strlen($word) + 1, $words));
        $laid = [];
        $next = 0;
        foreach ($pieces as $index => [$from, $to, $isSilent]) {
            if ($isSilent) {
                $laid[] = new SpokenWord('', $from, $to, true);

                continue;
            }
            $at = $from;
            $last = array_filter(array_slice($pieces, $index + 1), static fn (array $piece): bool => ! $piece[2]) === [];
            while ($next < count($words)) {
                $length = (int) round($sounding * (mb_strlen($words[$next]) + 1) / max(1, $letters));
                // A word that begins nearer to the next sounding piece belongs there.
                if (! $last && $at + $length / 2 > $to) {
                    break;
                }
                $end = min($to, $at + max(1, $length));
                if ($end > $at) {
                    $laid[] = new SpokenWord($words[$next], $at, $end, false);
                }
                $at = $end;
                $next++;
            }
        }

        return $laid;
    }
}
