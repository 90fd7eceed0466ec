<?php

declare(strict_types=1);

namespace App\Formats\Presentation;

use App\Formats\BroughtSlides\SlidesReader;
use App\Formats\BroughtSlides\ZipParts;
use App\Formats\ImportedLesson;
use App\Formats\ShownByPages;
use App\Models\User;
use Daybright\Format\Readers\Pptx\PptxReader;
use DomainException;

/** Makes a lesson of the slides of a presentation: the first opens it, the others explain. See docs/formats/presentation.md. */
final class PresentationReader extends SlidesReader implements ShownByPages
{
    /** What older programs write, and what a password makes of a presentation (a compound file). */
    private const COMPOUND = "\xD0\xCF\x11\xE0\xA1\xB1\x1A\xE1";

    public static function name(): string
    {
        return 'pptx';
    }

    public static function label(): string
    {
        return 'Slides (PPTX)';
    }

    public static function accepts(): array
    {
        return ['.pptx', '.ppsx', '.pptm', '.potx'];
    }

    public function recognises(string $path): bool
    {
        if (file_get_contents($path, length: strlen(self::COMPOUND)) === self::COMPOUND) {
            return true;
        }
        $parts = ZipParts::open($path);

        // One that is damaged is a presentation all the same, and no heap of pictures.
        return $parts !== null
            && ($parts->has('ppt/presentation.xml') || (new PptxReader($parts))->recognises());
    }

    public function read(User $teacher, string $path, string $name): ImportedLesson
    {
        $parts = ZipParts::open($path) ?? throw new DomainException(
            'This presentation is of an older kind, or has a password. Open it where it was made, and save it as PPTX without a password.',
        );
        $reader = new PptxReader($parts);
        $slides = $reader->slides();

        return $this->lesson($slides, $reader->title() ?: pathinfo($name, PATHINFO_FILENAME), $parts->picture(...));
    }
}
