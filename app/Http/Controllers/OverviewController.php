<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Share;
use App\Watching\LessonOverview;
use Illuminate\Http\JsonResponse;

/** What a class is to do, for those who help: no names, no answers, nothing to change. */
class OverviewController
{
    public function show(string $overview): JsonResponse
    {
        $share = Share::query()->where('overview_id', $overview)->whereNotNull('release_id')->firstOrFail();

        return new JsonResponse(LessonOverview::of($share));
    }
}
