<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Models\Lesson;
use RuntimeException;

/** A save made from a version that is no longer the newest. */
final class StaleSave extends RuntimeException
{
    private function __construct(string $message, public readonly Lesson $lesson)
    {
        parent::__construct($message);
    }

    public static function ofPart(Lesson $lesson): self
    {
        return new self('This lesson was changed in another window. Send all of it.', $lesson);
    }

    public static function against(Lesson $lesson): self
    {
        return new self(
            'This lesson was changed in another window. Your version is kept beside it. Choose which one to go on with.',
            $lesson,
        );
    }
}
