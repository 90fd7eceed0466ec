<?php

namespace App\Lessons;

use Daybright\Lesson\Lesson;
use Daybright\Recording\Take;
use Daybright\Timing\LessonTiming;

/** The lesson drawn as time: what the daylight strip needs to know. */
final class LessonStrip
{
    /**
     * @param  array<string, Take>  $recorded the take in the lesson, by slide id
     * @return list<array<string, mixed>> parts with their slides; times in seconds
     */
    public function of(Lesson $lesson, array $recorded): array
    {
        $timing = new LessonTiming($lesson);
        $parts = [];
        foreach ($lesson->parts as $part) {
            $slides = [];
            foreach ($part->slides as $slide) {
                $take = $recorded[$slide->id] ?? null;
                $slides[] = [
                    'id' => $slide->id,
                    'title' => $slide->title,
                    'side' => $slide->side,
                    'planned' => round($timing->spoken($slide), 1),
                    'recorded' => $take === null ? null : round($take->secondsKept(), 1),
                    'work' => $timing->work($slide),
                ];
            }
            $parts[] = ['id' => $part->id, 'kind' => $part->kind->value, 'slides' => $slides];
        }

        return $parts;
    }
}
