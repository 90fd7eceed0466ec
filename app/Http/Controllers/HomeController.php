<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Formats\Formats;
use App\Lessons\LessonCards;
use App\Lessons\Shelf;
use App\Lessons\WaitingWork;
use App\Models\Series;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

/** The first page: what waits for the teacher, and the lessons by series. */
class HomeController
{
    public function show(#[CurrentUser] User $teacher): JsonResponse
    {
        $all = LessonCards::show($teacher);
        $cards = $all->where('putAway', false);
        $series = Shelf::seriesOf($teacher->id)->map(static fn (Series $each): array => [
            'id' => $each->id,
            'title' => $each->title,
            'lessons' => $cards->where('series', $each->id)->values(),
        ]);

        return new JsonResponse([
            'series' => $series,
            'single' => $cards->whereNull('series')->values(),
            'putAway' => $all->where('putAway', true)->values(),
            'waiting' => $cards->flatMap(WaitingWork::list(...))->values(),
            'accepts' => Formats::accepted(),
        ]);
    }
}
