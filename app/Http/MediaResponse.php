<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\MediaFile;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Storage;

/** The file of a medium as it is sent. */
final class MediaResponse
{
    public static function send(MediaFile $file): Response
    {
        $response = response('', 200, [
            'Content-Type' => $file->type,
            'Cache-Control' => 'private, no-cache',
            'ETag' => '"'.$file->sha256.'"',
            // A drawing opened by itself may do nothing at all.
            'Content-Security-Policy' => "default-src 'none'; style-src 'unsafe-inline'; sandbox",
        ]);

        return $response->isNotModified(request())
            ? $response
            : $response->setContent((string) Storage::get($file->place()));
    }
}
