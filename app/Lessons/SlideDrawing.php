<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Adapters\Files;
use App\Adapters\Program;
use App\Models\MediaFile;
use Daybright\Deck\SlidePainter;
use Daybright\Lesson\Lesson;
use Daybright\Lesson\Slide;
use Daybright\Scene\Scene;

/** Slides as drawings that need nothing else: their pictures are in them. */
final readonly class SlideDrawing
{
    /** Kinds of file of a slide by itself. */
    public const KINDS = ['png', 'svg'];

    /** Pixels of a picture of a slide: sharp on a screen of today. */
    private const WIDTH = 1920;

    public function __construct(private SlidePainter $painter)
    {
    }

    /** @return list<Slide> in the order of the lesson, side slides last */
    public static function slides(Lesson $lesson): array
    {
        $all = $lesson->slides();

        return [...$lesson->mainSlides(), ...array_values(array_filter($all, static fn (Slide $slide): bool => $slide->side))];
    }

    public function scene(Lesson $lesson, Slide $slide): Scene
    {
        return $this->painter->paint($lesson, $slide);
    }

    /** With all that appears on it. */
    public function whole(Lesson $lesson, Slide $slide): string
    {
        return self::svg($lesson, $this->scene($lesson, $slide)->at(max(0, count($slide->steps) - 1)));
    }

    /**
     * @param  string  $kind of KINDS
     * @return string path of a temporary file
     */
    public function file(Lesson $lesson, Slide $slide, string $kind): string
    {
        $svg = $this->whole($lesson, $slide);

        return $kind === 'svg' ? Files::temporaryWith($svg, 'svg') : self::png($svg);
    }

    public static function svg(Lesson $lesson, Scene $scene): string
    {
        return LessonView::svg($lesson, $scene, MediaFile::dataAddress(...));
    }

    /**
     * @param  int  $width in pixels
     * @return string path of a temporary PNG file
     */
    public static function png(string $svg, int $width = self::WIDTH): string
    {
        $drawing = Files::temporaryWith($svg, 'svg');
        $picture = Files::temporary('png');
        Program::run('rsvg', ['--unlimited', '-w', (string) $width, '-o', $picture, $drawing]);

        return $picture;
    }
}
