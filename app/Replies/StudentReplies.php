<?php

declare(strict_types=1);

namespace App\Replies;

use App\Models\Lesson;
use App\Models\Moment;
use App\Models\MomentKind;
use App\Models\Share;
use App\Models\Student;
use App\Models\Visit;
use Illuminate\Support\Collection;

/** What each student did, in this lesson and in the others of its series. */
final class StudentReplies
{
    /** @return list<array<string, mixed>> in the order of the class */
    public static function show(ClassReplies $replies): array
    {
        $share = $replies->share;
        $length = $share->release?->programme['length'] ?? 0;
        $visits = $share->visits->keyBy('student_id');
        $series = self::series($share);

        return array_values($share->classroom->students->map(static function (Student $student) use ($visits, $length, $series): array {
            $visit = $visits->get($student->id);

            return [
                'id' => $student->id,
                'name' => $student->name,
                'opened' => $visit?->created_at?->toIso8601String(),
                'share' => $visit === null || $length <= 0 ? 0 : round(min(1, $visit->furthest / $length), 3),
                'handedIn' => $visit?->handed_in_at?->toIso8601String(),
                ...self::marks($visit),
                'toMark' => $visit?->answers->whereNull('earned')->count() ?? 0,
                'notes' => array_values($visit?->moments
                    ->whereIn('kind', [MomentKind::Note, MomentKind::Letter])
                    ->map(static fn (Moment $moment): array => [
                        'kind' => $moment->kind,
                        'at' => $moment->at,
                        'text' => $moment->text,
                    ])->all() ?? []),
                'series' => array_values($series->map(static fn (Share $each): array => self::inLesson($each, $student))->all()),
            ];
        })->all());
    }

    /** @return Collection<int, Share> lessons of the series that the class has, in their order, without this one */
    private static function series(Share $share): Collection
    {
        $lesson = $share->lesson;
        if ($lesson->series_id === null) {
            return new Collection;
        }

        return Share::query()->with(['lesson', 'visits.answers'])
            ->where('classroom_id', $share->classroom_id)
            ->whereKeyNot($share->id)
            ->whereIn('lesson_id', Lesson::query()->where('series_id', $lesson->series_id)->select('id'))
            ->get()
            ->sortBy('lesson.place')
            ->values();
    }

    /** @return array<string, mixed> */
    private static function inLesson(Share $share, Student $student): array
    {
        $visit = $share->visits->firstWhere('student_id', $student->id);

        return [
            'title' => $share->lesson->title,
            'opened' => $visit !== null,
            'handedIn' => $visit?->handed_in_at !== null,
            ...self::marks($visit),
        ];
    }

    /** @return array{earned: int, outOf: int} */
    private static function marks(?Visit $visit): array
    {
        [$earned, $outOf] = $visit === null ? [0, 0] : ClassReplies::marks($visit);

        return ['earned' => $earned, 'outOf' => $outOf];
    }
}
