<?php

declare(strict_types=1);

namespace App\Formats\Video;

use App\Formats\FilePurpose;
use App\Formats\WrittenFormat;

/** VP9 and Opus in WebM, both free of licences. */
final class WebmWriter extends VideoWriter
{
    public static function format(): WrittenFormat
    {
        return new WrittenFormat(
            name: 'webm',
            label: 'Video in open codecs',
            about: 'WebM with chapters (VP9, Opus), for browsers and wikis',
            purpose: FilePurpose::Watch,
            mediaType: 'video/webm',
            ending: '.webm',
            takesLong: true,
            choices: self::choices(),
        );
    }

    protected function isWebm(): bool
    {
        return true;
    }
}
