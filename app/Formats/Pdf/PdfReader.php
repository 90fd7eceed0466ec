<?php

declare(strict_types=1);

namespace App\Formats\Pdf;

use App\Adapters\Files;
use App\Adapters\Program;
use App\Adapters\ProgramFailed;
use App\Formats\BroughtSlides\SlidesReader;
use App\Formats\ImportedLesson;
use App\Models\User;
use Daybright\Format\Readers\Slides\ReadPicture;
use Daybright\Format\Readers\Slides\ReadSlide;
use DomainException;

/** Pages of a PDF (ISO 32000), read by poppler: each fills a slide as it looked, with its words as the description. */
final class PdfReader extends SlidesReader
{
    /** What the picture of a page is called, before its number. */
    private const NAME = 'Page ';

    private const MOST_PAGES = 100;

    private const LARGEST = 100_000_000;

    /** Seconds and megabytes within which poppler has to be done with a page. */
    private const PATIENCE = 30.0;

    private const MEMORY = 1500;

    /** Pixels of a page that is taken as a photo, along its longer side. */
    private const SIDE = 1920;

    /** What a page holds that is not drawn with lines and areas alone. */
    private const PHOTOGRAPHED = '/<(?:image|mask|pattern|filter)\b/';

    /** A drawing with more bytes is slower to show than a photo of it. */
    private const MOST_DRAWN = 1_500_000;

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
        return str_contains((string) file_get_contents($path, length: 1024), '%PDF-');
    }

    public function read(User $teacher, string $path, string $name): ImportedLesson
    {
        if (filesize($path) > self::LARGEST) {
            throw new DomainException('This PDF is larger than 100 MB. Save fewer pages, or smaller pictures, and bring it in again.');
        }
        $count = self::pages($path);
        if ($count > self::MOST_PAGES) {
            throw new DomainException(
                "This PDF has {$count} pages. Save at most ".self::MOST_PAGES.' of them by themselves, and bring them in.',
            );
        }
        $slides = [];
        for ($page = 1; $page <= $count; $page++) {
            $slides[] = new ReadSlide('', [new ReadPicture(self::NAME.$page, self::words($path, $page), null, 0)], [], [], true);
        }

        return $this->lesson(
            $slides,
            pathinfo($name, PATHINFO_FILENAME),
            static function (string $name) use ($path): ?string {
                $page = substr($name, strlen(self::NAME));

                return self::drawn($path, $page) ?? self::photographed($path, $page);
            },
        );
    }

    private static function pages(string $path): int
    {
        try {
            $about = self::run('pdfinfo', [$path]);
        } catch (ProgramFailed $failure) {
            throw $failure->isAway ? $failure : self::unreadable();
        }
        preg_match('/^Pages:\s+(\d+)$/m', $about, $pages);

        return (int) ($pages[1] ?? 0) ?: throw self::unreadable();
    }

    private static function unreadable(): DomainException
    {
        return new DomainException('This PDF is damaged or has a password. Save it again without one, and bring it in.');
    }

    /** What is written on a page, for search and for who cannot see it. */
    private static function words(string $path, int $page): string
    {
        try {
            $text = self::run('pdftotext', ['-f', (string) $page, '-l', (string) $page, '-enc', 'UTF-8', $path, '-']);
        } catch (ProgramFailed $failure) {
            return $failure->isAway ? throw $failure : '';
        }

        return mb_substr(trim((string) preg_replace('/\s+/u', ' ', mb_scrub($text))), 0, self::DESCRIPTION);
    }

    /** @return string|null path of a drawing; null where the page holds what a drawing cannot, or too much of it */
    private static function drawn(string $path, string $page): ?string
    {
        $svg = Files::temporary('svg');
        try {
            self::run('pdftocairo', ['-svg', '-f', $page, '-l', $page, $path, $svg]);
        } catch (ProgramFailed $failure) {
            return $failure->isAway ? throw $failure : null;
        }
        $isSmall = is_file($svg) && filesize($svg) < self::MOST_DRAWN;

        return $isSmall && preg_match(self::PHOTOGRAPHED, (string) file_get_contents($svg)) === 0 ? $svg : null;
    }

    /** @return string|null path of a photo of the page; null where it cannot be shown */
    private static function photographed(string $path, string $page): ?string
    {
        $root = Files::temporary('');
        $only = ['-f', $page, '-l', $page, '-singlefile', '-scale-to', (string) self::SIDE];
        try {
            self::run('pdftocairo', ['-jpeg', ...$only, $path, $root]);
        } catch (ProgramFailed $failure) {
            return $failure->isAway ? throw $failure : null;
        }
        if (! is_file($root.'.jpg')) {
            return null;
        }
        rename($root.'.jpg', $root);

        return $root;
    }

    /**
     * @param  list<string>  $arguments
     *
     * @throws ProgramFailed
     */
    private static function run(string $name, array $arguments): string
    {
        return Program::run($name, $arguments, seconds: self::PATIENCE, megabytes: self::MEMORY);
    }
}
