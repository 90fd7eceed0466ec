<?php

declare(strict_types=1);

namespace App\Formats\Handout;

use App\Formats\LessonWriter;
use App\Lessons\HandoutFile;
use App\Models\Lesson;
use Closure;
use DomainException;

/** The answers of the handout, for the teacher. */
final class AnswersWriter implements LessonWriter
{
    public function __construct(private readonly HandoutFile $handout)
    {
    }

    public static function name(): string
    {
        return 'answers';
    }

    public static function label(): string
    {
        return 'Answer key (PDF)';
    }

    public static function about(): string
    {
        return 'The answers of the practice sets, with the slips behind wrong ones';
    }

    public static function mediaType(): string
    {
        return 'application/pdf';
    }

    public static function ending(): string
    {
        return ' answers.pdf';
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
        $pages = $this->handout->pages($lesson->read(), true);

        return $pages === [] ? throw new DomainException('This lesson has no handout yet. Put a practice set on it in the Storyboard.') : HandoutFile::pdf($pages);
    }
}
