<?php

declare(strict_types=1);

namespace App\Formats\Video;

use App\Adapters\Video\VideoMaker;
use App\Formats\SharedVersionWriter;
use App\Formats\WrittenFormat;
use App\Models\Release;
use Closure;

/** The newest shared version as a video. */
final class VideoWriter extends SharedVersionWriter
{
    public function __construct(private readonly VideoMaker $maker)
    {
    }

    public static function format(): WrittenFormat
    {
        return new WrittenFormat(
            name: 'mp4',
            label: 'Video file',
            about: 'MP4 with captions and chapters, pauses counted down in the picture',
            mediaType: 'video/mp4',
            ending: '.mp4',
            takesLong: true,
        );
    }

    protected function writeRelease(Release $release, Closure $progress): string
    {
        return $this->maker->make($release, $progress);
    }
}
