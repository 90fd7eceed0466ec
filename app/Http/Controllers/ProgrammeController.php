<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Lessons\ReleaseView;
use App\Models\Footage;
use App\Models\Lesson;
use App\Models\Take;
use App\Models\TakeState;
use App\Recording\TakeAudio;
use Daybright\Recording\Clock;
use Daybright\Recording\Timeline;
use Daybright\Recording\TimelineSegment;
use Daybright\Release\LessonFreezer;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** The programme as it is now, with the slides as they are now: what the Edit room plays. */
class ProgrammeController
{
    public function show(Request $request, Lesson $lesson, LessonFreezer $freezer): JsonResponse
    {
        $read = $lesson->read();
        $wanted = $request->query('take');
        $takes = $lesson->takes()->with('footage')->where('state', TakeState::Ready)->get();
        $chosen = is_string($wanted) ? $takes->where('id', $wanted) : $takes->where('chosen', true);
        $timeline = Timeline::build(
            $read,
            $chosen->mapWithKeys(static fn (Take $take): array => [$take->slide => $take->recorded()])->all(),
        );
        $editions = $chosen->mapWithKeys(static fn (Take $take): array => [$take->id => TakeAudio::edition($take)]);
        $films = $chosen->flatMap(static fn (Take $take): array => $take->footage->mapWithKeys(static fn (Footage $footage): array => [
            $footage->id => "/api/takes/{$take->id}/footage/{$footage->id}/film?edition=".$editions[$take->id],
        ])->all())->all();
        $film = static fn (string $footage): string => $films[$footage];

        return new JsonResponse([
            ...ReleaseView::played($freezer->freeze($read, $timeline)->toArray(), '/api/media', $film),
            'sounds' => array_map(static fn (TimelineSegment $segment): array => [
                'from' => round(Clock::milliseconds($segment->starts), 3),
                'to' => round(Clock::milliseconds($segment->ends()), 3),
                'sources' => [[
                    'url' => "/api/takes/{$segment->take->id}/narration?edition=".$editions[$segment->take->id],
                    'type' => 'audio/webm; codecs=opus',
                ]],
            ], $timeline->segments),
        ]);
    }
}
