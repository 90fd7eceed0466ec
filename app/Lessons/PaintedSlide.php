<?php

declare(strict_types=1);

namespace App\Lessons;

use Daybright\Lesson\Lesson;
use Daybright\Lesson\Slide;
use Daybright\Ready\SlideInspection;
use Daybright\Ready\SlideReport;
use Daybright\Scene\Scene;

/** A slide that was painted now; it is checked when that is asked for, and its scene is let go then. */
final class PaintedSlide
{
    /** @param  string  $view JSON of what the rooms show of it */
    public function __construct(
        public readonly string $hash,
        public readonly string $view,
        private readonly Lesson $lesson,
        private readonly Slide $slide,
        private Scene|SlideReport $found,
    ) {
    }

    public function report(): SlideReport
    {
        if ($this->found instanceof Scene) {
            $this->found = SlideReport::summarise(SlideInspection::inspect($this->lesson, $this->slide, $this->found));
        }

        return $this->found;
    }
}
