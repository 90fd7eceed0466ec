<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\MarkRequest;
use App\Lessons\Replies;
use App\Models\Answer;
use App\Models\Lesson;
use Illuminate\Http\JsonResponse;

/** What the class did with a lesson, and the marks that a person must give. */
class RepliesController
{
    public function show(Lesson $lesson, Replies $replies): JsonResponse
    {
        return new JsonResponse($replies->of($lesson));
    }

    public function mark(MarkRequest $request, Lesson $lesson, Answer $answer): JsonResponse
    {
        abort_unless($answer->visit->share->lesson_id === $lesson->id, 404);
        $answer->update(['earned' => $request->integer('earned'), 'by_teacher' => true]);

        return new JsonResponse(['earned' => $answer->earned]);
    }
}
