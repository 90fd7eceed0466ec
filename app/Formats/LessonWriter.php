<?php

declare(strict_types=1);

namespace App\Formats;

use App\Models\Lesson;
use Closure;
use DomainException;

/** A format in which a lesson can be taken away. */
interface LessonWriter
{
    public static function format(): WrittenFormat;

    /** Why it cannot be written now and what to do; null when it can. */
    public function obstacle(Lesson $lesson): ?string;

    /** About how many bytes it will have; null where that is not known before. */
    public function size(Lesson $lesson): ?int;

    /**
     * @param  Closure(float): void  $progress called with the share that is done, 0 to 1; it may throw to stop the work
     * @return string path of a finished temporary file
     *
     * @throws DomainException
     */
    public function write(Lesson $lesson, Closure $progress): string;
}
