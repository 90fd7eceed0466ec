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
            self::Inside => 'In the file, to be switched on',
            self::Burnt => 'Always seen in the picture',
            self::Beside => 'Not in it: take the captions file',
        };
    }
}
