<?php

declare(strict_types=1);

namespace App\Recording;

use App\Adapters\Files;
use App\Footage\FilmFile;
use App\Models\Footage;
use App\Models\Take;

/** What was filmed of a take, cut as its sound is, as a file to play; made when it is first asked for. */
final class TakeFilm
{
    public static function path(Take $take, Footage $footage): string
    {
        return TakeAudio::once(
            $footage->path('film-'.TakeAudio::edition($take).'.mp4'),
            static fn (): string => FilmFile::cut(Files::found($footage->film()), $take->recorded()->kept()->ranges),
        );
    }
}
