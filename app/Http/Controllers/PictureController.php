<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\PictureFile;
use App\Http\Requests\PictureRequest;
use App\Lessons\PictureStore;
use App\Models\Picture;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Pictures that teachers bring in. */
class PictureController
{
    public function create(PictureRequest $request, PictureStore $store): JsonResponse
    {
        $file = $request->file('file');

        return new JsonResponse($store->keep($request->user(), (string) file_get_contents($file->getRealPath()), $file->getClientOriginalName()), 201);
    }

    public function show(Request $request, string $sha256): Response
    {
        return PictureFile::of(Picture::query()->where('user_id', $request->user()->id)->where('sha256', $sha256)->firstOrFail());
    }
}
