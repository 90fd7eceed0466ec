<?php

namespace App\Http\Controllers;

use App\Lessons\LessonOutline;
use App\Models\Answer;
use App\Models\Lesson;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The first page: what waits for the teacher, and the lessons by series. */
class HomeController
{
    public function show(Request $request): JsonResponse
    {
        $user = $request->user();
        $lessons = $user->lessons()->with(['takes:id,lesson_id,slide,state,chosen,seconds_kept', 'shares.classroom:id,name'])->orderBy('place')->get();
        $toMark = self::toMark($user);
        $cards = $lessons->map(static fn (Lesson $lesson): array => self::card($lesson, $toMark[$lesson->id] ?? 0));
        $series = $user->series()->orderBy('created_at')->get()->map(fn ($each): array => [
            'id' => $each->id,
            'title' => $each->title,
            'lessons' => $cards->where('series', $each->id)->values(),
        ]);

        return new JsonResponse([
            'series' => $series,
            'single' => $cards->whereNull('series')->values(),
            'waiting' => $cards->flatMap(self::waiting(...))->values(),
        ]);
    }

    /** @return array<string, int> answers that wait to be marked, by lesson id */
    private static function toMark(User $user): array
    {
        return Answer::query()->whereNull('earned')
            ->join('visits', 'visits.id', '=', 'answers.visit_id')
            ->join('shares', 'shares.id', '=', 'visits.share_id')
            ->join('lessons', 'lessons.id', '=', 'shares.lesson_id')
            ->where('lessons.user_id', $user->id)
            ->groupBy('lessons.id')
            ->selectRaw('lessons.id as lesson, count(*) as waiting')
            ->pluck('waiting', 'lesson')->all();
    }

    /** @return array<string, mixed> */
    private static function card(Lesson $lesson, int $toMark): array
    {
        $outline = $lesson->outlined();
        $recorded = $lesson->secondsRecorded();
        $slides = array_column(array_filter(array_merge(...array_column($outline['parts'], 'slides')), static fn (array $slide): bool => ! $slide['side']), 'id');

        return [
            'id' => $lesson->id,
            'series' => $lesson->series_id,
            'title' => $outline['title'],
            'minutes' => $outline['minutes'],
            'strip' => LessonOutline::strip($outline, $recorded),
            'slides' => count($slides),
            'recorded' => count(array_intersect_key($recorded, array_flip($slides))),
            'shared' => $lesson->shares->pluck('classroom.name')->all(),
            'toMark' => $toMark,
            'unfinishedTakes' => $lesson->takes->where('state', 'recording')->count(),
            'changed' => $lesson->updated_at->toIso8601String(),
        ];
    }

    /**
     * @param  array<string, mixed>  $card
     * @return list<array<string, mixed>>
     */
    private static function waiting(array $card): array
    {
        $waits = [];
        $say = static fn (string $room, string $sentence): array => ['lesson' => $card['id'], 'title' => $card['title'], 'room' => $room, 'sentence' => $sentence];
        if ($card['toMark'] > 0) {
            $waits[] = $say('replies', $card['toMark'] === 1 ? '1 answer waits to be marked' : $card['toMark'].' answers wait to be marked');
        }
        if ($card['unfinishedTakes'] > 0) {
            $waits[] = $say('record', 'A recording was broken off and can be kept');
        }
        if ($card['recorded'] < $card['slides']) {
            $left = $card['slides'] - $card['recorded'];
            $waits[] = $say('record', $left === 1 ? '1 slide to record' : $left.' slides to record');
        } elseif ($card['shared'] === [] && $card['slides'] > 0) {
            $waits[] = $say('share', 'Recorded, not shared yet');
        }

        return $waits;
    }
}
