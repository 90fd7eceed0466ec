<?php

declare(strict_types=1);

namespace App\Formats\Handout;

use App\Formats\LessonWriter;
use App\Lessons\HandoutFile;
use App\Models\Lesson;
use Closure;
use DomainException;

/** Writes pages of the handout of the lesson as it is now. */
abstract class PrintedPagesWriter implements LessonWriter
{
    private const NO_HANDOUT = 'This lesson has no handout yet. Put a practice set on it in the Storyboard.';

    public function __construct(private readonly HandoutFile $handout)
    {
    }

    public function obstacle(Lesson $lesson): ?string
    {
        return ($lesson->document()->array()['handout'] ?? []) === [] ? self::NO_HANDOUT : null;
    }

    public function size(Lesson $lesson): ?int
    {
        return null;
    }

    public function write(Lesson $lesson, Closure $progress): string
    {
        $pages = $this->handout->pages($lesson->read(), static::hasAnswers());

        return $pages === [] ? throw new DomainException(self::NO_HANDOUT) : HandoutFile::pdf($pages);
    }

    /** Whether the pages are those with the answers. */
    abstract protected static function hasAnswers(): bool;
}
