<?php

declare(strict_types=1);

namespace App\Adapters\Video;

/** Where the captions of a video are. */
enum CaptionPlace: string
{
    case Inside = 'inside';
    case Burnt = 'burnt';
    case Beside = 'beside';

    public function label(): string
    {
        return match ($this) {
            self::Inside => 'Captions in the file, to be switched on',
            self::Burnt => 'Captions always seen, in a band under the slide',
            self::Beside => 'No captions in it: take the file of captions',
        };
    }
}
