<?php

namespace App\Lessons;

use App\Models\Take;
use Daybright\Lesson\Lesson;
use Daybright\Timing\LessonTiming;
use Illuminate\Support\Collection;

/** The lesson drawn as time: what the daylight strip needs to know. */
final class LessonStrip
{
    /**
     * @param  Collection<int, Take>  $takes
     * @return list<array<string, mixed>> parts with their slides; times in seconds
     */
    public function of(Lesson $lesson, Collection $takes): array
    {
        $timing = new LessonTiming($lesson);
        $chosen = self::chosen($takes);
        $parts = [];
        foreach ($lesson->parts as $part) {
            $slides = [];
            foreach ($part->slides as $slide) {
                $take = $chosen->get($slide->id);
                $slides[] = [
                    'id' => $slide->id,
                    'title' => $slide->title,
                    'side' => $slide->side,
                    'planned' => round($timing->spoken($slide), 1),
                    'recorded' => $take === null ? null : round($take->recorded()->secondsHeard(), 1),
                    'work' => $timing->work($slide),
                ];
            }
            $parts[] = ['id' => $part->id, 'kind' => $part->kind->value, 'slides' => $slides];
        }

        return $parts;
    }

    /**
     * @param  Collection<int, Take>  $takes
     * @return Collection<string, Take> the take in the lesson, by slide
     */
    public static function chosen(Collection $takes): Collection
    {
        return $takes->where('chosen', true)->where('state', 'ready')->keyBy('slide');
    }
}
