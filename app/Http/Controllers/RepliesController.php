<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\AnswerFileResponse;
use App\Http\FileName;
use App\Http\Requests\MarkRequest;
use App\Http\Requests\MomentReplyRequest;
use App\Models\Answer;
use App\Models\Lesson;
use App\Models\Moment;
use App\Models\Share;
use App\Replies\ClassReplies;
use App\Replies\NextOpening;
use App\Replies\Replies;
use App\Replies\RepliesTable;
use App\Watching\VisitMoments;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** What the class did with a lesson, the marks that a person must give, and what follows for the next lesson. */
class RepliesController
{
    public function show(Lesson $lesson): JsonResponse
    {
        return new JsonResponse(Replies::of($lesson));
    }

    public function table(Lesson $lesson, Share $share): Response
    {
        $name = FileName::forDownload("{$lesson->title} {$share->classroom->name}", '.csv');

        return new Response(RepliesTable::write(ClassReplies::of($share)), 200, [
            'Content-Type' => 'text/csv; charset=utf-8',
            'Content-Disposition' => "attachment; filename*=UTF-8''".rawurlencode($name),
        ]);
    }

    public function mark(MarkRequest $request, Lesson $lesson): JsonResponse
    {
        $change = $request->change();
        $answers = $request->answers();
        abort_if($answers->isEmpty(), 404);
        $answers->each(static fn (Answer $answer): bool => $answer->update($change));

        return new JsonResponse(['marked' => $answers->count()]);
    }

    /** What a student said or drew. */
    public function file(Lesson $lesson, Answer $answer): BinaryFileResponse
    {
        abort_unless($answer->visit->share->lesson_id === $lesson->id, 404);

        return AnswerFileResponse::send($answer);
    }

    public function reply(MomentReplyRequest $request, Lesson $lesson, Moment $moment): JsonResponse
    {
        abort_unless($moment->visit->share->lesson_id === $lesson->id, 404);
        $moment->update(['reply' => $request->validated()['reply'] ?? null]);

        return new JsonResponse(VisitMoments::one($moment));
    }

    /** Asks again at the opening of the next lesson. */
    public function askAgain(Lesson $lesson, Share $share, NextOpening $opening): JsonResponse
    {
        return new JsonResponse($opening->make($share), 201);
    }
}
