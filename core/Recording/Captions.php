<?php

declare(strict_types=1);

namespace Daybright\Recording;

use Daybright\Block\SlideFacts;
use Daybright\Language\PlainWords;

/**
 * Captions from the script: each step's line is shared over the time in which its step is spoken.
 *
 * At most two rows of 42 letters at a time (common practice in subtitling).
 */
final class Captions
{
    private const ROW = 42;

    /** @return list<Cue> on the narration clock */
    public static function write(Timeline $programme): array
    {
        $cues = [];
        foreach ($programme->segments as $segment) {
            $facts = SlideFacts::on($segment->slide);
            foreach (SpokenStep::locate($segment->slide, $segment->take) as $step) {
                $script = PlainWords::read($segment->slide->steps[$step->number]->script, $facts);
                [$from, $to] = [$segment->milliseconds($step->from), $segment->milliseconds($step->to)];
                array_push($cues, ...($to > $from && $script !== '' ? self::share($script, $from, $to) : []));
            }
        }

        return $cues;
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
