<?php

declare(strict_types=1);

namespace App\Formats\Pdf;

use App\Formats\BroughtSlides\SlidesReader;
use App\Formats\ImportedLesson;
use App\Models\User;
use Daybright\Format\Readers\Slides\ReadPicture;
use Daybright\Format\Readers\Slides\ReadSlide;

/** Pages of a PDF (ISO 32000), read by poppler: each fills a slide as it looked, with its words as the description. */
final class PdfReader extends SlidesReader
{
    /** What the picture of a page is called, before its number. */
    private const NAME = 'Page ';

    private const DESCRIPTION = 1000;

    public static function name(): string
    {
        return 'pdf';
    }

    public static function label(): string
    {
        return 'Pages (PDF)';
    }

    public static function accepts(): array
    {
        return ['.pdf'];
    }

    public function recognises(string $path): bool
    {
        return PdfPages::recognises($path);
    }

    public function read(User $teacher, string $path, string $name): ImportedLesson
    {
        $pages = PdfPages::open($path, self::MOST_SLIDES);
        $slides = [];
        for ($page = 1; $page <= $pages->count; $page++) {
            $picture = new ReadPicture(self::NAME.$page, $pages->words($page, self::DESCRIPTION), null, 0);
            $slides[] = new ReadSlide('', [$picture], [], [], true);
        }

        return $this->lesson(
            $slides,
            pathinfo($name, PATHINFO_FILENAME),
            static fn (string $name): ?string => $pages->picture((int) substr($name, strlen(self::NAME))),
        );
    }
}
