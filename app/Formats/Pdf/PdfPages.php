<?php

declare(strict_types=1);

namespace App\Formats\Pdf;

use App\Adapters\Files;
use App\Adapters\Program;
use App\Adapters\ProgramFailed;
use DomainException;

/** The pages of a PDF (ISO 32000), read by poppler within bounds of time and memory. */
final readonly class PdfPages
{
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

    private function __construct(private string $path, public int $count)
    {
    }

    /** By what the file begins with. */
    public static function recognises(string $path): bool
    {
        return str_contains((string) file_get_contents($path, length: 1024), '%PDF-');
    }

    /** @throws DomainException when it cannot be read, or has too many pages */
    public static function open(string $path, int $most): self
    {
        if (filesize($path) > self::LARGEST) {
            throw new DomainException('This PDF is larger than 100 MB. Save fewer pages, or smaller pictures, and bring it in again.');
        }
        try {
            $about = self::run('pdfinfo', [$path]);
        } catch (ProgramFailed $failure) {
            throw $failure->isAway ? $failure : self::unreadable();
        }
        preg_match('/^Pages:\s+(\d+)$/m', $about, $pages);
        $count = (int) ($pages[1] ?? 0) ?: throw self::unreadable();
        if ($count > $most) {
            throw new DomainException("This PDF has {$count} pages. Save at most {$most} of them by themselves, and bring them in.");
        }

        return new self($path, $count);
    }

    /** What is written on a page, for search and for who cannot see it. */
    public function words(int $page, int $most): string
    {
        try {
            $text = self::run('pdftotext', ['-f', (string) $page, '-l', (string) $page, '-enc', 'UTF-8', $this->path, '-']);
        } catch (ProgramFailed $failure) {
            return $failure->isAway ? throw $failure : '';
        }

        return mb_substr(trim((string) preg_replace('/\s+/u', ' ', mb_scrub($text))), 0, $most);
    }

    /** @return string|null path of a temporary file: a drawing where the page is drawn, else a photo; null where it cannot be shown */
    public function picture(int $page): ?string
    {
        return $this->drawn((string) $page) ?? $this->photographed((string) $page);
    }

    private static function unreadable(): DomainException
    {
        return new DomainException('This PDF is damaged or has a password. Save it again without one, and bring it in.');
    }

    private function drawn(string $page): ?string
    {
        $svg = Files::temporary('svg');
        try {
            self::run('pdftocairo', ['-svg', '-f', $page, '-l', $page, $this->path, $svg]);
        } catch (ProgramFailed $failure) {
            return $failure->isAway ? throw $failure : null;
        }
        $isSmall = is_file($svg) && filesize($svg) < self::MOST_DRAWN;

        return $isSmall && preg_match(self::PHOTOGRAPHED, (string) file_get_contents($svg)) === 0 ? $svg : null;
    }

    private function photographed(string $page): ?string
    {
        $root = Files::temporary('');
        $only = ['-f', $page, '-l', $page, '-singlefile', '-scale-to', (string) self::SIDE];
        try {
            self::run('pdftocairo', ['-jpeg', ...$only, $this->path, $root]);
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
