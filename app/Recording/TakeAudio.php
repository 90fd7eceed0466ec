<?php

declare(strict_types=1);

namespace App\Recording;

use App\Adapters\Files;
use App\Adapters\Sound\AudioEncoder;
use App\Models\Take;
use Closure;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Storage;

/** What is kept of a take, as a file to play; made when it is first asked for. */
final class TakeAudio
{
    /** Seconds that the making may take. */
    private const LONGEST = 120;

    /** Changes whenever the cuts do, so that a browser never plays an old one. */
    public static function edition(Take $take): string
    {
        return substr(
            hash('sha256', json_encode(
                [$take->cuts, $take->cleaned, $take->loudness, $take->recorded(withWords: false)->leftOut()],
                JSON_THROW_ON_ERROR,
            )),
            0,
            16,
        );
    }

    public static function path(Take $take): string
    {
        return self::once(
            $take->path('narration-'.self::edition($take).'.webm'),
            static fn (): string => AudioEncoder::encode(AudioEncoder::join([self::part($take)]), 'webm'),
        );
    }

    /** The whole take, cuts and all, to aim cuts by, or to compare with what was made of it. */
    public static function whole(Take $take, bool $isCleaned = false): string
    {
        return self::once(
            $take->path($isCleaned ? 'whole-cleaned.webm' : 'whole.webm'),
            static fn (): string => AudioEncoder::encode(
                Files::found($isCleaned ? HeardSound::cleaned($take->id) : $take->path('sound.flac')),
                'webm',
            ),
        );
    }

    /**
     * Two who ask at once get one file, made once.
     *
     * @param  Closure(): string  $make gives a temporary file
     */
    public static function once(string $path, Closure $make): string
    {
        if (! Storage::exists($path)) {
            Cache::lock('making '.$path, self::LONGEST)->block(self::LONGEST, static function () use ($path, $make): void {
                if (! Storage::exists($path)) {
                    Files::tidily(static fn () => Files::keep($make(), $path));
                }
            });
        }

        return $path;
    }

    /** @return array{file: string, loudness: float, ranges: list<\Daybright\Recording\SampleRange>} */
    public static function part(Take $take): array
    {
        $heard = HeardSound::of($take->id, $take->cleaned, $take->loudness ?? -16.0);

        return [
            'file' => $heard->file,
            'loudness' => $heard->loudness,
            'ranges' => $take->recorded(withWords: false)->kept()->ranges,
        ];
    }
}
