<?php

declare(strict_types=1);

namespace App\Formats\Captions;

use App\Adapters\Files;
use App\Formats\LessonWriter;
use App\Models\Lesson;
use Closure;
use Daybright\Format\WebVtt;
use DomainException;

/** What is said in the newest shared version, on the clock of its video. */
final class CaptionsWriter implements LessonWriter
{
    public static function name(): string
    {
        return 'captions';
    }

    public static function label(): string
    {
        return 'Captions';
    }

    public static function about(): string
    {
        return 'WebVTT, timed for the video file';
    }

    public static function mediaType(): string
    {
        return 'text/vtt';
    }

    public static function ending(): string
    {
        return '.vtt';
    }

    public static function takesLong(): bool
    {
        return false;
    }

    public function obstacle(Lesson $lesson): ?string
    {
        return $lesson->newestRelease() === null ? 'Share the lesson first: the file shows the shared version.' : null;
    }

    public function size(Lesson $lesson): ?int
    {
        return null;
    }

    public function write(Lesson $lesson, Closure $progress): string
    {
        $release = $lesson->newestRelease() ?? throw new DomainException((string) $this->obstacle($lesson));
        $file = Files::temporary('vtt');
        file_put_contents($file, WebVtt::write($release->frozen()->fullCaptions()));

        return $file;
    }
}
