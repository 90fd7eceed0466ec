<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\PictureFile;
use App\Http\Requests\PictureRequest;
use App\Lessons\PictureStore;
use App\Models\Picture;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Symfony\Component\HttpFoundation\Response;

/** Pictures that teachers bring in. */
class PictureController
{
    public function create(PictureRequest $request, PictureStore $store, #[CurrentUser] User $teacher): JsonResponse
    {
        $file = $request->file('file');

        return new JsonResponse(
            $store->keep($teacher, (string) file_get_contents($file->getRealPath()), $file->getClientOriginalName()),
            201,
        );
    }

    public function show(#[CurrentUser] User $teacher, string $sha256): Response
    {
        return PictureFile::response(Picture::query()->where('user_id', $teacher->id)->where('sha256', $sha256)->firstOrFail());
    }
}
