<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\MediaResponse;
use App\Http\Requests\MediaRequest;
use App\Media\MediaStore;
use App\Models\MediaFile;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Symfony\Component\HttpFoundation\Response;

/** Files of media that teachers bring in. */
class MediaController
{
    public function create(MediaRequest $request, MediaStore $store, #[CurrentUser] User $teacher): JsonResponse
    {
        $file = $request->file('file');

        return new JsonResponse($store->bringIn($teacher, $file->getRealPath(), $file->getClientOriginalName()), 201);
    }

    public function show(#[CurrentUser] User $teacher, string $sha256): Response
    {
        return MediaResponse::send(MediaFile::query()->where('user_id', $teacher->id)->where('sha256', $sha256)->firstOrFail());
    }
}
