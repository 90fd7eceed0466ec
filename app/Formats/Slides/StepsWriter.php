<?php

declare(strict_types=1);

namespace App\Formats\Slides;

use App\Formats\FilePurpose;
use App\Formats\WrittenFormat;
use App\Lessons\SlideDrawing;
use Daybright\Lesson\Lesson;
use Daybright\Lesson\Slide;

/** A page a step, to page through before a class as the lesson builds up. */
final class StepsWriter extends SlidePagesWriter
{
    public static function format(): WrittenFormat
    {
        return new WrittenFormat(
            name: 'steps',
            label: 'Slides step by step (PDF)',
            about: 'A page for each step, to page through before a class',
            purpose: FilePurpose::Print,
            mediaType: 'application/pdf',
            ending: ' steps.pdf',
        );
    }

    protected function pagesOf(Lesson $lesson, Slide $slide): array
    {
        $scene = $this->drawing->scene($lesson, $slide);

        return array_map(
            static fn (int $step): string => SlideDrawing::svg($lesson, $scene->at($step)),
            array_keys($slide->steps),
        );
    }
}
