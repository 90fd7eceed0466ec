<?php

declare(strict_types=1);

namespace App\Formats\Slides;

use App\Adapters\PagesPdf;
use App\Lessons\SlideDrawing;
use App\Models\Lesson;
use Closure;
use Daybright\Lesson\Lesson as Document;
use Daybright\Lesson\Slide;
use DomainException;

/** Writes slides as pages of a PDF. */
abstract class SlidePagesWriter extends DrawnSlidesWriter
{
    /** 13⅓ by 7½ inches, as slides of this shape have. */
    private const WIDTH = '13.3333in';

    private const HEIGHT = '7.5in';

    public function write(Lesson $lesson, Closure $progress): string
    {
        $read = $lesson->read();
        $pages = [];
        $slides = SlideDrawing::slides($read);
        foreach ($slides as $number => $slide) {
            array_push($pages, ...$this->pagesOf($read, $slide));
            $progress(0.8 * ($number + 1) / count($slides));
        }

        return $pages === [] ? throw new DomainException(self::NO_SLIDES) : PagesPdf::join($pages, self::WIDTH, self::HEIGHT);
    }

    /** @return list<string> SVG of each page of a slide */
    abstract protected function pagesOf(Document $lesson, Slide $slide): array;
}
