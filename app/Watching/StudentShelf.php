<?php

declare(strict_types=1);

namespace App\Watching;

use App\Models\Answer;
use App\Models\Moment;
use App\Models\Share;
use App\Models\Student;
use App\Models\Visit;
use App\Watching\Kept\Keeping;
use Illuminate\Support\Collection;

/** The lessons that a student's class has been given. */
final class StudentShelf
{
    /** @return array<string, mixed> what is due first stands first; lessons of a series stand together, in their order */
    public static function show(Student $student): array
    {
        // Of a version its pictures and words are not needed here.
        $small = static fn ($release) => $release->select('id', 'outline');
        $shares = Share::query()->with(['release' => $small, 'lesson:id,series_id,place', 'lesson.series:id,title'])
            ->where('classroom_id', $student->classroom_id)
            ->whereNotNull('release_id')
            ->get()
            ->sortBy(static fn (Share $share): string => $share->due ?? '9999');
        $together = $shares->groupBy(static fn (Share $share): string => $share->lesson->series_id ?? $share->id)
            ->flatMap(static fn (Collection $series): Collection => $series->sortBy('lesson.place'));
        $visits = Visit::query()->with(['answers', 'moments'])->where('student_id', $student->id)->get()->keyBy('share_id');

        return [
            'student' => $student->id,
            'name' => $student->name,
            'class' => $student->classroom->name,
            'lessons' => $together->map(static fn (Share $share): array => self::lesson($share, $visits->get($share->id)))->values(),
        ];
    }

    /** Whether the teacher has written something since the student was there. */
    private static function hasNews(Visit $visit): bool
    {
        $since = $visit->placed_at ?? $visit->created_at;

        return $visit->answers->contains(
            static fn (Answer $answer): bool => ($answer->remark !== null || $answer->again) && $answer->updated_at > $since,
        ) || $visit->moments->contains(static fn (Moment $moment): bool => $moment->reply !== null && $moment->updated_at > $since);
    }

    /** @return array<string, mixed> */
    private static function lesson(Share $share, ?Visit $visit): array
    {
        $version = $share->version();
        $outline = $version->outline();

        return [
            'id' => $share->id,
            'title' => $outline->title,
            'series' => $share->lesson->series?->title,
            'due' => $share->due,
            'minutes' => round($outline->length / 60_000, 1),
            'edition' => $share->edition(),
            'mayKeep' => $share->keeping !== Keeping::No,
            'begun' => $visit !== null,
            'watched' => round(min(1, ($visit->furthest ?? 0) / max(1, $outline->length)), 3),
            'handedIn' => $visit?->handed_in_at !== null,
            'fromTeacher' => $visit !== null && self::hasNews($visit),
        ];
    }
}
