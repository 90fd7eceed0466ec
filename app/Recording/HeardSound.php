<?php

namespace App\Recording;

use App\Adapters\Files;
use App\Adapters\Sound\SoundDesk;
use App\Models\Take;
use Illuminate\Support\Facades\Storage;

/** What is heard of a take, as a file to play; made when it is first asked for. */
final class HeardSound
{
    /** Changes whenever the cuts do, so that a browser never plays an old one. */
    public static function edition(Take $take): string
    {
        return substr(hash('sha256', json_encode([$take->cuts, $take->loudness, $take->recorded()->pauses()], JSON_THROW_ON_ERROR)), 0, 16);
    }

    public static function path(Take $take): string
    {
        $path = $take->path('heard-'.self::edition($take).'.webm');
        if (! Storage::exists($path)) {
            $joined = SoundDesk::join([self::part($take)]);
            Files::keep(SoundDesk::encode($joined, 'webm'), $path);
            unlink($joined);
        }

        return $path;
    }

    /** The whole take, cuts and all, to aim cuts by. */
    public static function whole(Take $take): string
    {
        $path = $take->path('whole.webm');
        if (! Storage::exists($path)) {
            Files::keep(SoundDesk::encode(Files::local($take->path('sound.flac')), 'webm'), $path);
        }

        return $path;
    }

    /** @return array{file: string, loudness: float, stretches: list<\Daybright\Recording\Stretch>} */
    public static function part(Take $take): array
    {
        return ['file' => Files::local($take->path('sound.flac')), 'loudness' => $take->loudness ?? -16.0, 'stretches' => $take->recorded()->heard()->stretches];
    }
}
