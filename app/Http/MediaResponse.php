<?php

declare(strict_types=1);

namespace App\Http;

use App\Adapters\Files;
use App\Models\MediaFile;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Storage;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** The file of a medium as it is sent. */
final class MediaResponse
{
    /** A drawing opened by itself may do nothing at all. */
    private const POLICY = ['Content-Security-Policy' => "default-src 'none'; style-src 'unsafe-inline'; sandbox"];

    public static function send(MediaFile $file): Response|BinaryFileResponse
    {
        // Of a film as much is sent as is asked for, so that a player can go to any place of it.
        if (! str_starts_with($file->type, 'image/')) {
            return response()->file(
                Files::found($file->place()),
                ['Content-Type' => $file->type, 'Cache-Control' => 'private, no-cache', ...self::POLICY],
            );
        }
        $response = response('', 200, [
            'Content-Type' => $file->type,
            'Cache-Control' => 'private, no-cache',
            'ETag' => '"'.$file->sha256.'"',
            ...self::POLICY,
        ]);

        return $response->isNotModified(request())
            ? $response
            : $response->setContent((string) Storage::get($file->place()));
    }

    /** A drawing that ships with the program: it stays as it is for as long as the program does. */
    public static function drawing(string $path): BinaryFileResponse
    {
        return response()->file($path, [
            'Content-Type' => 'image/svg+xml',
            'Cache-Control' => 'private, max-age=86400',
            ...self::POLICY,
        ]);
    }
}
