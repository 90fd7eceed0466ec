<?php

declare(strict_types=1);

namespace Daybright\Release;

/**
 * The stretches that a shared lesson comes in: each ends with its part, or where a question waits for its answer; what follows a question
 * of the exit check, which is seen when the check is handed in, is one by itself.
 */
final class LessonStages
{
    /** @return list<FrozenStage> in order, without gaps */
    public static function of(LessonOutline $lesson): array
    {
        $parts = array_map(static fn (FrozenPart $part): float => $part->from, FrozenPart::of($lesson));

        return self::between([...self::borders($lesson), ...$parts]);
    }

    /** @return list<FrozenStage> as they were when a part could not be opened by itself */
    public static function acrossParts(LessonOutline $lesson): array
    {
        return self::between(self::borders($lesson));
    }

    /** @return list<float> */
    private static function borders(LessonOutline $lesson): array
    {
        $borders = [0.0, $lesson->length];
        foreach ($lesson->pauses as $pause) {
            if ($pause->question !== null) {
                $borders[] = $pause->at;
                $borders[] = $pause->exitCheck ? self::answerEnds($lesson, $pause) : $pause->at;
            }
        }

        return $borders;
    }

    /**
     * @param  list<float>  $borders
     * @return list<FrozenStage>
     */
    private static function between(array $borders): array
    {
        $borders = array_values(array_unique($borders));
        sort($borders);
        $stages = [];
        foreach (array_slice($borders, 1) as $number => $border) {
            $stages[] = new FrozenStage($borders[$number], $border);
        }

        return $stages;
    }

    /** @return float milliseconds of narration: what follows a question ends with the next question on its slide, or with the slide */
    public static function answerEnds(LessonOutline $lesson, FrozenPause $pause): float
    {
        $ends = [];
        foreach ($lesson->chapters as $chapter) {
            if ($chapter->slide === $pause->slide && $chapter->until >= $pause->at) {
                $ends[] = $chapter->until;
            }
        }
        foreach ($lesson->pauses as $next) {
            if ($next->slide === $pause->slide && $next->at > $pause->at) {
                $ends[] = $next->at;
            }
        }

        return $ends === [] ? $pause->at : min($ends);
    }
}
