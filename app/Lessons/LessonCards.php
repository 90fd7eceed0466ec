<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Models\Answer;
use App\Models\Lesson;
use App\Models\Take;
use App\Models\TakeState;
use App\Models\User;
use Illuminate\Support\Collection;
use stdClass;

/** A teacher's lessons at a glance: how far each has come, read from rows and not from documents. */
final class LessonCards
{
    /** @return Collection<int, array<string, mixed>> in the order of their places */
    public static function show(User $teacher): Collection
    {
        $toMark = self::toMark($teacher);
        $takes = self::takes($teacher);

        return $teacher->lessons()->with('shares.classroom:id,name')->orderBy('place')->get()->toBase()->map(
            static fn (Lesson $lesson): array => self::card($lesson, $takes[$lesson->id] ?? [], $toMark[$lesson->id] ?? 0),
        );
    }

    /** @return array<string, int> answers that wait to be marked, by lesson id */
    private static function toMark(User $teacher): array
    {
        return Answer::query()->whereNull('earned')
            ->join('visits', 'visits.id', '=', 'answers.visit_id')
            ->join('shares', 'shares.id', '=', 'visits.share_id')
            ->join('lessons', 'lessons.id', '=', 'shares.lesson_id')
            ->where('lessons.user_id', $teacher->id)
            ->groupBy('lessons.id')
            ->selectRaw('lessons.id as lesson, count(*) as waiting')
            ->pluck('waiting', 'lesson')->all();
    }

    /** @return array<string, list<stdClass>> what there is of takes, by lesson id: rows and no models, since there are many */
    private static function takes(User $teacher): array
    {
        return Take::query()->join('lessons', 'lessons.id', '=', 'takes.lesson_id')->where('lessons.user_id', $teacher->id)
            ->toBase()->get(['takes.id', 'takes.lesson_id', 'takes.slide', 'takes.state', 'takes.chosen', 'takes.seconds_kept'])
            ->groupBy('lesson_id')->map(static fn (Collection $rows): array => array_values($rows->all()))->all();
    }

    /**
     * @param  list<stdClass>  $takes of the lesson
     * @return array<string, mixed>
     */
    private static function card(Lesson $lesson, array $takes, int $toMark): array
    {
        $outline = $lesson->outlined();
        $recorded = [];
        foreach ($takes as $take) {
            if ($take->state === TakeState::Ready->value && $take->chosen) {
                $recorded[$take->slide] = $take->seconds_kept ?? Take::query()->whereKey($take->id)->firstOrFail()->secondsKept();
            }
        }
        $slides = array_column(
            array_filter(array_merge(...array_column($outline['parts'], 'slides')), static fn (array $slide): bool => ! $slide['side']),
            'id',
        );

        return [
            'id' => $lesson->id,
            'series' => $lesson->series_id,
            'putAway' => $lesson->put_away_at !== null,
            'title' => $outline['title'],
            'minutes' => $outline['minutes'],
            'strip' => LessonOutline::strip($outline, $recorded),
            'slides' => count($slides),
            'recorded' => count(array_intersect_key($recorded, array_flip($slides))),
            'shared' => $lesson->shares->pluck('classroom.name')->all(),
            'toMark' => $toMark,
            'unfinishedTakes' => count(array_keys(array_column($takes, 'state'), TakeState::Recording->value, true)),
            'changed' => $lesson->updated_at->toIso8601String(),
        ];
    }
}
