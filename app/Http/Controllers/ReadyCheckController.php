<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Lessons\KeptFindings;
use App\Models\Lesson;
use Illuminate\Http\JsonResponse;

/** The check before recording. */
class ReadyCheckController
{
    public function show(Lesson $lesson, KeptFindings $findings): JsonResponse
    {
        return JsonResponse::fromJsonString('{"findings":'.$findings->of($lesson).'}');
    }
}
