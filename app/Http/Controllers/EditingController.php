<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\EditingRequest;
use App\Http\Requests\ShorteningRequest;
use App\Http\Resources\TakeResource;
use App\Lessons\LessonHalving;
use App\Models\Lesson;
use App\Recording\ShorterLesson;
use App\Recording\TakeEditing;
use Illuminate\Http\JsonResponse;

/** The takes of a lesson edited as one text, and what may be left out of it or parted. */
class EditingController
{
    public function update(EditingRequest $request, Lesson $lesson, TakeEditing $editing): JsonResponse
    {
        return new JsonResponse(TakeResource::collection($editing->edit($lesson, $request->validated('takes'))));
    }

    public function halve(Lesson $lesson, LessonHalving $halving): JsonResponse
    {
        return new JsonResponse(['id' => $halving->halve($lesson)->id], 201);
    }

    public function shortening(ShorteningRequest $request, Lesson $lesson): JsonResponse
    {
        return new JsonResponse(ShorterLesson::propose(
            $lesson,
            $request->integer('pause'),
            $request->filled('minutes') ? $request->float('minutes') : null,
        ));
    }
}
