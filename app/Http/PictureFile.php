<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\Picture;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Storage;

/** A picture as it is sent. */
final class PictureFile
{
    public static function response(Picture $picture): Response
    {
        $response = response('', 200, [
            'Content-Type' => $picture->type,
            'Cache-Control' => 'private, no-cache',
            'ETag' => '"'.$picture->sha256.'"',
            // A drawing opened by itself may do nothing at all.
            'Content-Security-Policy' => "default-src 'none'; style-src 'unsafe-inline'; sandbox",
        ]);

        return $response->isNotModified(request())
            ? $response
            : $response->setContent((string) Storage::get(Picture::path($picture->sha256)));
    }
}
