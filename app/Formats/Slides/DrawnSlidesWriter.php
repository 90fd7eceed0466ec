<?php

declare(strict_types=1);

namespace App\Formats\Slides;

use App\Formats\LessonWriter;
use App\Lessons\SlideDrawing;
use App\Models\Lesson;

/** Writes the slides of the lesson as it is now. */
abstract class DrawnSlidesWriter implements LessonWriter
{
    protected const NO_SLIDES = 'This lesson has no slides yet. Add one in the Storyboard.';

    public function __construct(protected readonly SlideDrawing $drawing)
    {
    }

    public function obstacle(Lesson $lesson): ?string
    {
        return $lesson->read()->slides() === [] ? self::NO_SLIDES : null;
    }

    public function size(Lesson $lesson): ?int
    {
        return null;
    }
}
