<?php

namespace App\Http\Controllers;

use App\Lessons\LessonStrip;
use App\Models\Answer;
use App\Models\Lesson;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The first page: what waits for the teacher, and the lessons by series. */
class HomeController
{
    public function __construct(private readonly LessonStrip $strip)
    {
    }

    public function show(Request $request): JsonResponse
    {
        $user = $request->user();
        $lessons = $user->lessons()->with(['takes:id,lesson_id,slide,state,chosen,length,cuts,events', 'shares.classroom:id,name'])->orderBy('place')->get();
        $cards = $lessons->map(fn (Lesson $lesson): array => $this->card($lesson));
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

    /** @return array<string, mixed> */
    private function card(Lesson $lesson): array
    {
        $document = $lesson->read();
        $recorded = $lesson->recorded();
        $slides = array_map(static fn ($slide): string => $slide->id, $document->mainSlides());
        $toMark = Answer::query()->whereNull('earned')->whereHas('visit.share', static fn ($share) => $share->where('lesson_id', $lesson->id))->count();

        return [
            'id' => $lesson->id,
            'series' => $lesson->series_id,
            'title' => $document->title,
            'minutes' => $document->minutes,
            'strip' => $this->strip->of($document, $recorded),
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
