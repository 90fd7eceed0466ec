<?php

declare(strict_types=1);

namespace App\Formats\Video;

use App\Formats\FilePurpose;
use App\Formats\WrittenFormat;

/** H.264 and AAC in MP4, which plays everywhere. */
final class Mp4Writer extends VideoWriter
{
    public static function format(): WrittenFormat
    {
        return new WrittenFormat(
            name: 'mp4',
            label: 'Video file',
            about: 'MP4 with chapters, for any player and any platform',
            purpose: FilePurpose::Watch,
            mediaType: 'video/mp4',
            ending: '.mp4',
            takesLong: true,
            choices: self::choices(),
        );
    }

    protected function isWebm(): bool
    {
        return false;
    }
}
