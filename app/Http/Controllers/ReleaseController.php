<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Lessons\ReleaseView;
use App\Models\Release;
use App\Models\ReleaseState;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** A release, played by its teacher just as the class gets it. */
class ReleaseController
{
    public function show(Release $release): JsonResponse
    {
        abort_unless($release->state === ReleaseState::Ready, 404);

        return new JsonResponse(ReleaseView::show($release, "/api/releases/{$release->id}", '/api/media'));
    }

    public function sound(Request $request, Release $release, string $kind): BinaryFileResponse
    {
        abort_unless($release->state === ReleaseState::Ready, 404);

        return ReleaseView::sound($release, $kind, $request->integer('stage'));
    }

    public function film(Release $release, string $footage): BinaryFileResponse
    {
        abort_unless($release->state === ReleaseState::Ready, 404);

        return ReleaseView::film($release, $footage);
    }
}
