<?php

declare(strict_types=1);

namespace Daybright\Timing;

use Daybright\Lesson\Lesson;
use Daybright\Lesson\Slide;
use Daybright\Recording\SpokenStep;
use Daybright\Recording\Take;

/** How fast the teacher really speaks: the words of the steps that were spoken, over the time that they took. */
final class MeasuredPace
{
    /** Fewer words say nothing yet. */
    private const LEAST_WORDS = 60;

    /**
     * @param  array<string, Take>  $takes the chosen take of each slide, by slide id
     * @return int|null words a minute; null while too little is recorded
     */
    public static function measure(Lesson $lesson, array $takes): ?int
    {
        $words = 0;
        $seconds = 0.0;
        foreach ($lesson->mainSlides() as $slide) {
            $take = $takes[$slide->id] ?? null;
            if ($take === null || $take->secondsKept() === 0.0) {
                continue;
            }
            $seconds += $take->secondsKept();
            foreach (SpokenStep::locate($slide, $take) as $spoken) {
                $step = $slide->steps[$spoken->number];
                $words += LessonTiming::words($step->script);
                $seconds -= $step->pause;
            }
        }

        return $words < self::LEAST_WORDS || $seconds <= 0 ? null : (int) round($words * 60 / $seconds);
    }
}
