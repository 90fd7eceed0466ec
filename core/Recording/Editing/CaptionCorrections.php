<?php

declare(strict_types=1);

namespace Daybright\Recording\Editing;

use Daybright\Recording\Alignment\AlignedWord;
use Daybright\Recording\Captions;
use Daybright\Recording\Clock;
use Daybright\Recording\Cue;
use Daybright\Recording\SampleRange;
use Daybright\Recording\SlideScript;
use Daybright\Recording\Timeline;
use Daybright\Recording\TimelineSegment;

/** Captions that were put right in another program: what they say otherwise is typed for the words of the takes. */
final class CaptionCorrections
{
    /** Milliseconds by which another program may round or move a caption that it leaves as it is. */
    private const MOVED = 250.0;

    /**
     * @param  list<Cue>  $cues on the clock of the video
     * @return array{int, array<string, list<Wording>>} how many say something else, and all that is typed then, by take
     */
    public static function read(Timeline $timeline, array $cues): array
    {
        $changed = 0;
        $wordings = [];
        foreach ($timeline->segments as $segment) {
            $own = self::within($timeline, $segment, $cues);
            $different = self::different($own, Captions::segment($segment));
            if ($different === []) {
                continue;
            }
            $changed += count($different);
            $sentences = SlideScript::spoken($segment->slide, $segment->take);
            // Where words were not found, single ones cannot be told from those beside them: all captions of the slide are taken.
            $typed = array_merge(...array_map(
                static fn (Cue $cue): array => self::wordings($segment, $cue, $sentences === null ? [] : array_merge(...$sentences)),
                $sentences === null ? $own : $different,
            ));
            $wordings[$segment->take->id] = [...self::without($segment->take->wordings, $typed), ...$typed];
        }

        return [$changed, $wordings];
    }

    /**
     * What is said while the lesson waits, such as in a clip, is not its own.
     *
     * @param  list<Cue>  $cues
     * @return list<Cue> those of one slide, on the narration clock
     */
    private static function within(Timeline $timeline, TimelineSegment $segment, array $cues): array
    {
        $own = [];
        $video = $timeline->video();
        foreach ($cues as $cue) {
            $from = $video->narrationAt(Clock::samples($cue->from));
            if ($from === null || $from < $segment->starts || $from >= $segment->ends()) {
                continue;
            }
            $last = $video->narrationAt(max(0, Clock::samples($cue->to) - 1));
            $to = min($segment->ends(), $last === null ? $from + Clock::samples($cue->to - $cue->from) : $last + 1);
            if ($to > $from) {
                $own[] = new Cue(Clock::milliseconds($from), Clock::milliseconds($to), self::plain($cue->text));
            }
        }

        return $own;
    }

    /**
     * @param  list<Cue>  $own
     * @param  list<Cue>  $now
     * @return list<Cue>
     */
    private static function different(array $own, array $now): array
    {
        return array_values(array_filter($own, static fn (Cue $cue): bool => array_filter(
            $now,
            static fn (Cue $other): bool => abs($other->from - $cue->from) <= self::MOVED && self::plain($other->text) === $cue->text,
        ) === []));
    }

    /**
     * What is typed stays clear of what is cut: each run of words between cuts gets as many as it has, and the last one the rest.
     *
     * @param  list<AlignedWord>  $words of the take
     * @return non-empty-list<Wording>
     */
    private static function wordings(TimelineSegment $segment, Cue $cue, array $words): array
    {
        [$from, $to] = [Clock::samples($cue->from) - $segment->starts, Clock::samples($cue->to) - $segment->starts];
        $runs = self::runs($segment, $from, $to, $words);
        if ($runs === []) {
            return [new Wording(
                new SampleRange($segment->kept->sampleAt($from), $segment->kept->sampleAt($to - 1) + 1),
                $cue->text,
            )];
        }
        $typed = explode(' ', $cue->text);
        $wordings = [];
        foreach ($runs as $number => $run) {
            $own = array_splice($typed, 0, $number === count($runs) - 1 ? null : count($run));
            $wordings[] = new Wording(
                new SampleRange(Clock::samples($run[0]->from), Clock::samples($run[count($run) - 1]->to)),
                implode(' ', $own),
            );
        }

        return $wordings;
    }

    /**
     * @param  list<AlignedWord>  $words
     * @return list<non-empty-list<AlignedWord>> those that are heard between two places of the slide, parted where something is cut
     */
    private static function runs(TimelineSegment $segment, int $from, int $to, array $words): array
    {
        $runs = [];
        foreach ($words as $word) {
            $middle = Clock::samples(($word->from + $word->to) / 2);
            $kept = array_filter(
                $segment->kept->ranges,
                static fn (SampleRange $each): bool => $each->from <= $middle && $middle < $each->to,
            );
            $place = $segment->kept->place($middle);
            if (! $word->isSaid || $kept === [] || $place < $from || $place >= $to) {
                continue;
            }
            $range = array_key_first($kept);
            $runs[$range][] = $word;
        }

        return array_values($runs);
    }

    /**
     * @param  list<Wording>  $before
     * @param  list<Wording>  $typed
     * @return list<Wording> those of before that none of the new ones is about
     */
    private static function without(array $before, array $typed): array
    {
        return array_values(array_filter($before, static fn (Wording $old): bool => array_filter(
            $typed,
            static fn (Wording $new): bool => $new->range->meets($old->range),
        ) === []));
    }

    private static function plain(string $text): string
    {
        return trim((string) preg_replace('/\s+/u', ' ', $text));
    }
}
