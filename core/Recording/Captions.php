<?php

declare(strict_types=1);

namespace Daybright\Recording;

use Daybright\Block\SlideFacts;
use Daybright\Language\PlainWords;

/**
 * Captions from the script: each step's line is shared over the time in which its step is told.
 *
 * At most two rows of 42 letters at a time (common practice in subtitling).
 */
final class Captions
{
    private const ROW = 42;

    /** @return list<Cue> on the narration clock */
    public static function of(Programme $programme): array
    {
        $cues = [];
        foreach ($programme->segments as $segment) {
            foreach (self::told($segment) as [$from, $to, $script]) {
                array_push($cues, ...self::share($script, $from, $to));
            }
        }

        return $cues;
    }

    /**
     * When each step of a segment is told.
     *
     * @return list<array{float, float, string}> from and to in milliseconds of narration, and the script
     */
    private static function told(Segment $segment): array
    {
        $starts = [0 => 0];
        $away = false;
        foreach ($segment->take->events as $event) {
            $away = match ($event->kind) {
                'visit' => true, 'return' => false, default => $away
            };
            if ($event->kind === 'step' && ! $away) {
                $starts[$segment->slide->stepNumber($event->data->text('step'))] ??= Clock::samples($event->at);
            }
        }
        ksort($starts);
        $facts = SlideFacts::of($segment->slide);
        $told = [];
        $numbers = array_keys($starts);
        foreach ($numbers as $index => $number) {
            $from = Clock::milliseconds($segment->starts + $segment->heard->place($starts[$number]));
            $next = $numbers[$index + 1] ?? null;
            $to = Clock::milliseconds($next === null ? $segment->ends() : $segment->starts + $segment->heard->place($starts[$next]));
            $script = PlainWords::of($segment->slide->steps[$number]->script, $facts);
            if ($to > $from && $script !== '') {
                $told[] = [$from, $to, $script];
            }
        }

        return $told;
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
        foreach (preg_split('/(?<=[.?!…]) +/u', (string) preg_replace('/[ \t\n]+/', ' ', $script), -1, PREG_SPLIT_NO_EMPTY) ?: [] as $sentence) {
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
