<?php

namespace App\Http\Controllers;

use App\Lessons\Replies;
use App\Models\Answer;
use App\Models\Lesson;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** What the class did with a lesson, and the marks that a person must give. */
class RepliesController
{
    public function show(Lesson $lesson, Replies $replies): JsonResponse
    {
        return new JsonResponse($replies->of($lesson));
    }

    public function mark(Request $request, Lesson $lesson, Answer $answer): JsonResponse
    {
        abort_unless($answer->visit->share->lesson_id === $lesson->id, 404);
        $given = $request->validate(
            ['earned' => 'required|integer|min:0|max:'.$answer->out_of],
            ['earned.max' => "This question has {$answer->out_of} marks at the most."],
        );
        $answer->update(['earned' => $given['earned'], 'by_teacher' => true]);

        return new JsonResponse(['earned' => $answer->earned]);
    }
}
