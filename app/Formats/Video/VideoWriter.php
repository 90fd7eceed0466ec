<?php

declare(strict_types=1);

namespace App\Formats\Video;

use App\Adapters\Video\VideoMaker;
use App\Formats\LessonWriter;
use App\Models\Lesson;
use Closure;
use DomainException;

/** The newest shared version as a video. */
final class VideoWriter implements LessonWriter
{
    public function __construct(private readonly VideoMaker $maker)
    {
    }

    public static function name(): string
    {
        return 'mp4';
    }

    public static function label(): string
    {
        return 'Video file';
    }

    public static function about(): string
    {
        return 'MP4 with captions and chapters, pauses counted down in the picture';
    }

    public static function mediaType(): string
    {
        return 'video/mp4';
    }

    public static function ending(): string
    {
        return '.mp4';
    }

    public static function takesLong(): bool
    {
        return true;
    }

    public function obstacle(Lesson $lesson): ?string
    {
        return $lesson->newestRelease() === null ? 'Share the lesson first: the video shows the shared version.' : null;
    }

    public function size(Lesson $lesson): ?int
    {
        return null;
    }

    public function write(Lesson $lesson, Closure $progress): string
    {
        $release = $lesson->newestRelease() ?? throw new DomainException((string) $this->obstacle($lesson));

        return $this->maker->make($release, $progress);
    }
}
