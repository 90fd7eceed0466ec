<?php

declare(strict_types=1);

namespace App\Lessons;

use App\Adapters\PagesPdf;
use Daybright\Handout\Handout;
use Daybright\Handout\Pages;
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
    ) {
    }

    /** @return list<string> SVG of each page */
    public function pages(Lesson $lesson, bool $answers = false): array
    {
        $handout = Handout::prepare($lesson, $this->typefaces, $this->formulas, $this->codes);
        $writer = new SvgWriter(static fn (string $medium): string => '');
        $whole = new Box(0, 0, Pages::WIDTH, Pages::HEIGHT);

        return array_map(
            static fn (Scene $page): string => $writer->write($page, $whole),
            $answers ? $handout->answers() : $handout->pages(),
        );
    }

    /**
     * @param  non-empty-list<string>  $pages SVG of each page
     * @return string path of a PDF, to be kept or sent
     */
    public static function pdf(array $pages): string
    {
        return PagesPdf::join($pages, '210mm', '297mm');
    }
}
