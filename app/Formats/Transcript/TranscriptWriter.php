<?php

declare(strict_types=1);

namespace App\Formats\Transcript;

use App\Adapters\Files;
use App\Formats\LessonWriter;
use App\Models\Lesson;
use Closure;
use Daybright\Format\Transcript;
use DomainException;

/** What is said and asked in the newest shared version, as plain text with times. */
final class TranscriptWriter implements LessonWriter
{
    public static function name(): string
    {
        return 'transcript';
    }

    public static function label(): string
    {
        return 'Transcript';
    }

    public static function about(): string
    {
        return 'What is said and asked, as plain text with the times of the video';
    }

    public static function mediaType(): string
    {
        return 'text/plain; charset=utf-8';
    }

    public static function ending(): string
    {
        return '.txt';
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
        $file = Files::temporary('txt');
        file_put_contents($file, Transcript::write($release->frozen(), $release->read()));

        return $file;
    }
}
