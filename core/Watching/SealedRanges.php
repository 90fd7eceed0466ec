<?php

declare(strict_types=1);

namespace Daybright\Watching;

use Daybright\Release\FrozenPart;
use Daybright\Release\FrozenPause;
use Daybright\Release\LessonOutline;
use Daybright\Release\LessonStages;

/**
 * Of which times of a lesson a student may know nothing yet: those behind a question before it is answered, those that follow a question
 * of the exit check on its slide before the check is handed in, and parts that are not open.
 */
final readonly class SealedRanges
{
    /**
     * @param  list<array{float, float}>  $ranges from and to in milliseconds of narration, half-open; INF is to the end
     * @param  list<string>  $behind blocks of pause points that are not reached yet
     */
    private function __construct(public array $ranges, public array $behind)
    {
    }

    public static function of(LessonOutline $lesson, Progress $progress, Opening $opening): self
    {
        $isCompared = $progress->handedIn && ! $opening->answersLater;
        $isHeldUp = false;
        $ranges = $behind = [];
        foreach (FrozenPart::of($lesson) as $part) {
            $isHeldUp = $isHeldUp && ! $opening->inAnyOrder;
            $isShut = $isHeldUp || in_array($part->kind, $opening->closed, true);
            if ($isShut) {
                $ranges[] = [$part->from, $part->to];
            }
            foreach (array_filter($lesson->pauses, $part->has(...)) as $pause) {
                if ($isShut) {
                    $behind[] = $pause->block;
                } elseif ($pause->question !== null && ! in_array($pause->block, $progress->answered, true)) {
                    $isHeldUp = $isShut = true;
                    $ranges[] = [$pause->at, $part->to];
                } elseif ($pause->question !== null && $pause->exitCheck && ! $isCompared) {
                    $ranges[] = [$pause->at, LessonStages::answerEnds($lesson, $pause)];
                }
            }
        }

        return new self(self::joined($ranges), $behind);
    }

    /** @return list<FrozenPause> those of the parts that are open */
    public static function open(LessonOutline $lesson, Opening $opening): array
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
        foreach ($this->ranges as [$from, $to]) {
            // What comes with the very end of a pause comes after it.
            if ($moment >= $from - 0.5 && $moment < $to - 0.5) {
                return true;
            }
        }

        return false;
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
}
