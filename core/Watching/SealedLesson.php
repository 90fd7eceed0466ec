<?php

declare(strict_types=1);

namespace Daybright\Watching;

use Daybright\Recording\Cue;
use Daybright\Recording\TimelineTracks;
use Daybright\Recording\Tracks\Acts\Act;
use Daybright\Recording\Tracks\Acts\Acts;
use Daybright\Recording\Tracks\Interval;
use Daybright\Recording\Tracks\ShownSlide;
use Daybright\Release\FrozenLesson;
use Daybright\Release\FrozenPart;
use Daybright\Release\FrozenPause;
use Daybright\Release\FrozenSlide;
use Daybright\Release\LessonStages;

/**
 * A shared lesson as far as a student may know it: nothing that is said or shown behind a question before it is answered,
 * and nothing that follows a question of the exit check on its slide before the check is handed in.
 */
final readonly class SealedLesson
{
    /** @param  list<array{float, float}>  $sealed from and to in milliseconds of narration, half-open; INF is to the end */
    private function __construct(public FrozenLesson $lesson, private array $sealed)
    {
    }

    public static function seal(FrozenLesson $lesson, Progress $progress, Opening $opening = new Opening): self
    {
        $isCompared = $progress->handedIn && ! $opening->answersLater;
        $isHeldUp = false;
        $sealed = $behind = [];
        foreach (FrozenPart::of($lesson) as $part) {
            $isHeldUp = $isHeldUp && ! $opening->inAnyOrder;
            $isShut = $isHeldUp || in_array($part->kind, $opening->closed, true);
            if ($isShut) {
                $sealed[] = [$part->from, $part->to];
            }
            foreach (array_filter($lesson->pauses, $part->has(...)) as $pause) {
                if ($isShut) {
                    $behind[] = $pause->block;
                } elseif ($pause->question !== null && ! in_array($pause->block, $progress->answered, true)) {
                    $isHeldUp = $isShut = true;
                    $sealed[] = [$pause->at, $part->to];
                } elseif ($pause->question !== null && $pause->exitCheck && ! $isCompared) {
                    $sealed[] = [$pause->at, LessonStages::answerEnds($lesson, $pause)];
                }
            }
        }
        $sealed = self::joined($sealed);

        return new self(self::seen($lesson, $sealed, $behind), $sealed);
    }

    /**
     * @param  list<array{float, float}>  $ranges in order
     * @return list<array{float, float}> with those that meet made one, and none that is empty
     */
    private static function joined(array $ranges): array
    {
        $joined = [];
        foreach ($ranges as [$from, $to]) {
            $last = array_key_last($joined);
            if ($last !== null && $from <= $joined[$last][1]) {
                $joined[$last][1] = max($joined[$last][1], $to);
            } elseif ($from < $to) {
                $joined[] = [$from, $to];
            }
        }

        return $joined;
    }

    /** @return list<FrozenPause> those of the parts that are open */
    public static function open(FrozenLesson $lesson, Opening $opening): array
    {
        $open = [];
        foreach (FrozenPart::of($lesson) as $part) {
            if (! in_array($part->kind, $opening->closed, true)) {
                array_push($open, ...array_filter($lesson->pauses, $part->has(...)));
            }
        }

        return $open;
    }

    /** Whether something that begins then may not be known yet. */
    public function hides(float $moment): bool
    {
        return self::isSealed($this->sealed, $moment);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return $this->lesson->toArray() + ['sealed' => array_map(
            static fn (array $range): array => [$range[0], is_finite($range[1]) ? $range[1] : null],
            $this->sealed,
        )];
    }

    /**
     * @param  list<array{float, float}>  $sealed
     * @param  list<string>  $behind blocks of pause points that are not reached yet
     */
    private static function seen(FrozenLesson $lesson, array $sealed, array $behind): FrozenLesson
    {
        $isSeen = static fn (Interval $interval): bool => ! self::isSealed($sealed, $interval->from);
        $tracks = $lesson->tracks->only($isSeen);
        $pauses = array_map(static function (FrozenPause $pause) use ($behind): FrozenPause {
            $hides = $pause->question !== null || $pause->clip !== null;

            return $hides && in_array($pause->block, $behind, true) ? $pause->sealed() : $pause;
        }, $lesson->pauses);

        return new FrozenLesson(
            $lesson->title,
            $lesson->length,
            $lesson->full,
            self::withStates(self::slides($lesson->slides, $tracks->shown()), $tracks),
            $tracks,
            $lesson->drawnTall->only($isSeen),
            array_values(array_filter($lesson->captions, static fn (Cue $cue): bool => ! self::isSealed($sealed, $cue->from))),
            $lesson->chapters,
            $pauses,
        );
    }

    /**
     * Each slide with the states of its live blocks that acts lead to which may be known.
     *
     * @param  array<string, FrozenSlide>  $slides
     * @return array<string, FrozenSlide>
     */
    private static function withStates(array $slides, TimelineTracks $tracks): array
    {
        $states = [];
        foreach ($tracks->intervals[Acts::name()] ?? [] as $act) {
            $states[] = $act instanceof Act ? $act->state : '';
        }

        return array_map(static fn (FrozenSlide $slide): FrozenSlide => $slide->onlyStates($states), $slides);
    }

    /** @param  list<array{float, float}>  $sealed */
    private static function isSealed(array $sealed, float $at): bool
    {
        foreach ($sealed as [$from, $to]) {
            // What comes with the very end of a pause comes after it.
            if ($at >= $from - 0.5 && $at < $to - 0.5) {
                return true;
            }
        }

        return false;
    }

    /**
     * Each slide with what has been shown of it, and side slides as far as something seen leads to them.
     *
     * @param  array<string, FrozenSlide>  $slides
     * @param  list<ShownSlide>  $shown
     * @return array<string, FrozenSlide>
     */
    private static function slides(array $slides, array $shown): array
    {
        $reached = [];
        foreach ($shown as $each) {
            $reached[$each->slide] = max($reached[$each->slide] ?? 0, $each->step);
        }
        $waiting = array_keys($reached);
        while (($id = array_pop($waiting)) !== null) {
            foreach (isset($slides[$id]) ? $slides[$id]->wide->links : [] as $link) {
                if ($link['step'] <= $reached[$id] && ! isset($reached[$link['slide']]) && isset($slides[$link['slide']])) {
                    $reached[$link['slide']] = max(0, count($slides[$link['slide']]->steps) - 1);
                    $waiting[] = $link['slide'];
                }
            }
        }
        $seen = [];
        foreach (array_intersect_key($slides, $reached) as $id => $slide) {
            $seen[$id] = $slide->upTo($reached[$id]);
        }

        return $seen;
    }
}
