<?php

declare(strict_types=1);

namespace App\Formats\Slides;

use App\Formats\FilePurpose;
use App\Formats\WrittenFormat;
use Daybright\Lesson\Lesson;
use Daybright\Lesson\Slide;

/** A page a slide, with all that appears on it. */
final class SlidesWriter extends SlidePagesWriter
{
    public static function format(): WrittenFormat
    {
        return new WrittenFormat(
            name: 'slides',
            label: 'Slides (PDF)',
            about: 'A page for each slide, with all that appears on it',
            purpose: FilePurpose::Print,
            mediaType: 'application/pdf',
            ending: ' slides.pdf',
        );
    }

    protected function pagesOf(Lesson $lesson, Slide $slide): array
    {
        return [$this->drawing->whole($lesson, $slide)];
    }
}
