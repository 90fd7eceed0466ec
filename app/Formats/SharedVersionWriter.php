<?php

declare(strict_types=1);

namespace App\Formats;

use App\Models\Lesson;
use App\Models\Release;
use Closure;
use DomainException;

/** Writes the newest shared version, which stays as it was shared. */
abstract class SharedVersionWriter implements LessonWriter
{
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

        return $this->writeRelease($release, $progress);
    }

    /**
     * @param  Closure(float): void  $progress as in write
     * @return string path of a finished temporary file
     */
    abstract protected function writeRelease(Release $release, Closure $progress): string;
}
