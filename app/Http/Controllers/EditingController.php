<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\CaptionsRequest;
use App\Http\Requests\EditingRequest;
use App\Http\Requests\ShorteningRequest;
use App\Http\Resources\TakeResource;
use App\Lessons\LessonHalving;
use App\Models\Lesson;
use App\Models\Take;
use App\Models\TakeState;
use App\Recording\ShorterLesson;
use App\Recording\TakeEditing;
use Daybright\Format\WebVtt;
use Daybright\Recording\Editing\CaptionCorrections;
use Daybright\Recording\Editing\Wording;
use Daybright\Recording\Take as Recorded;
use Daybright\Recording\Timeline;
use Illuminate\Http\JsonResponse;

/** The takes of a lesson edited as one text, and what may be left out of it or parted. */
class EditingController
{
    public function update(EditingRequest $request, Lesson $lesson, TakeEditing $editing): JsonResponse
    {
        return new JsonResponse(TakeResource::collection($editing->edit($lesson, $request->validated('takes'))));
    }

    /** What is to be typed for words so that captions say what a file of captions says; nothing is changed yet. */
    public function captions(CaptionsRequest $request, Lesson $lesson): JsonResponse
    {
        $takes = $lesson->takes()->with('footage')->where('chosen', true)->where('state', TakeState::Ready)->get()->keyBy('slide');
        [$changed, $wordings] = CaptionCorrections::read(
            Timeline::build($lesson->read(), $takes->map(static fn (Take $take): Recorded => $take->recorded())->all()),
            WebVtt::read($request->validated()['text']),
        );

        return new JsonResponse(['changed' => $changed, 'takes' => array_map(
            static fn (string $take, array $typed): array => ['id' => $take, 'wordings' => array_map(
                static fn (Wording $each): array => $each->toArray(),
                $typed,
            )],
            array_keys($wordings),
            $wordings,
        )]);
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
