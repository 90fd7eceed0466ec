<?php

namespace App\Http\Controllers;

use App\Lessons\PictureStore;
use App\Models\Picture;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Storage;
use Symfony\Component\HttpFoundation\Response;

/** Pictures that teachers bring in. */
class PictureController
{
    public function create(Request $request, PictureStore $store): JsonResponse
    {
        $request->validate(['file' => 'required|file'], ['file.required' => 'Choose a picture file first.', 'file.uploaded' => 'This picture is larger than 8 MB. Make it smaller and choose it again.']);
        $file = $request->file('file');

        return new JsonResponse($store->keep($request->user(), (string) file_get_contents($file->getRealPath()), $file->getClientOriginalName()), 201);
    }

    public function show(Request $request, string $sha256): Response
    {
        return self::send(Picture::query()->where('user_id', $request->user()->id)->where('sha256', $sha256)->firstOrFail());
    }

    public static function send(Picture $picture): Response
    {
        $response = response('', 200, [
            'Content-Type' => $picture->type,
            'Cache-Control' => 'private, no-cache',
            'ETag' => '"'.$picture->sha256.'"',
            // A drawing opened by itself may do nothing at all.
            'Content-Security-Policy' => "default-src 'none'; style-src 'unsafe-inline'; sandbox",
        ]);

        return $response->isNotModified(request()) ? $response : $response->setContent((string) Storage::get(Picture::path($picture->sha256)));
    }
}
