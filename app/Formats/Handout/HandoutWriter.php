<?php

declare(strict_types=1);

namespace App\Formats\Handout;

use App\Formats\LessonWriter;
use App\Lessons\HandoutFile;
use App\Models\Lesson;
use Closure;
use DomainException;

/** The pages to print, of the lesson as it is now. */
final class HandoutWriter implements LessonWriter
{
    public function __construct(private readonly HandoutFile $handout)
    {
    }

    public static function name(): string
    {
        return 'handout';
    }

    public static function label(): string
    {
        return 'Handout (PDF)';
    }

    public static function about(): string
    {
        return 'The practice sets to print, with room to write';
    }

    public static function mediaType(): string
    {
        return 'application/pdf';
    }

    public static function ending(): string
    {
        return '.pdf';
    }

    public static function takesLong(): bool
    {
        return false;
    }

    public function obstacle(Lesson $lesson): ?string
    {
        return ($lesson->document()->array()['handout'] ?? []) === [] ? 'This lesson has no handout yet. Put a practice set on it in the Storyboard.' : null;
    }

    public function size(Lesson $lesson): ?int
    {
        return null;
    }

    public function write(Lesson $lesson, Closure $progress): string
    {
        $pages = $this->handout->pages($lesson->read(), false);

        return $pages === [] ? throw new DomainException('This lesson has no handout yet. Put a practice set on it in the Storyboard.') : HandoutFile::pdf($pages);
    }
}
