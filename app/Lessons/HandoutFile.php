<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Adapters\PagesPdf;
use App\Formats\Handout\PrintChoice;
use App\Models\MediaFile;
use Daybright\Deck\SlidePainter;
use Daybright\Handout\Handout;
use Daybright\Handout\Paper;
use Daybright\Handout\PrintedPage;
use Daybright\Handout\WayIn;
use Daybright\Lesson\Lesson;
use Daybright\Scene\Box;
use Daybright\Scene\FormulaSetter;
use Daybright\Scene\ScanCodes;
use Daybright\Scene\Scene;
use Daybright\Scene\SvgWriter;
use Daybright\Scene\Typeface;

/** The printed pages of a lesson: as pictures for the room, as PDF to take away. */
final class HandoutFile
{
    /** @param  array<string, Typeface>  $typefaces by name */
    public function __construct(
        private readonly array $typefaces,
        private readonly FormulaSetter $formulas,
        private readonly ScanCodes $codes,
        private readonly SlidePainter $painter,
    ) {
    }

    /** @return list<string> SVG of each page that students find with the lesson */
    public function pages(Lesson $lesson): array
    {
        return self::drawn($lesson, $this->handout($lesson, Paper::a4())->pages(), Paper::a4());
    }

    /**
     * @param  list<WayIn>  $waysIn where the classes find the lesson
     * @return list<PrintedPage> that a teacher prints
     */
    public function printed(Lesson $lesson, PrintChoice $choice, bool $answers, array $waysIn = []): array
    {
        $handout = $this->handout($lesson, $choice->paper);
        $scenes = $answers ? $handout->answers() : $handout->sheets($this->painter, $choice->hasAllSlides, $waysIn);
        $svgs = self::drawn($lesson, $scenes, $choice->paper);

        return array_map(PrintedPage::of(...), $scenes, $choice->isGray ? array_map(GrayDrawing::of(...), $svgs) : $svgs);
    }

    private function handout(Lesson $lesson, Paper $paper): Handout
    {
        return Handout::prepare($lesson, $this->typefaces, $this->formulas, $this->codes, $paper);
    }

    /**
     * @param  list<Scene>  $scenes
     * @return list<string>
     */
    private static function drawn(Lesson $lesson, array $scenes, Paper $paper): array
    {
        $writer = new SvgWriter(static function (string $medium) use ($lesson): string {
            $sha256 = $lesson->media[$medium]->sha256 ?? null;

            return $sha256 === null ? '' : MediaFile::dataAddress($sha256);
        });
        $whole = new Box(0, 0, $paper->width, $paper->height);

        return array_map(static fn (Scene $page): string => $writer->write($page, $whole), $scenes);
    }

    /**
     * @param  non-empty-list<string>  $pages SVG of each page
     * @return string path of a PDF, to be kept or sent
     */
    public static function pdf(array $pages, ?Paper $paper = null): string
    {
        return PagesPdf::join($pages, ...explode(' ', ($paper ?? Paper::a4())->size, 2));
    }
}
