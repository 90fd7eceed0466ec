<?php

declare(strict_types=1);

namespace App\Formats\Presentation;

use App\Adapters\ZipEntry;
use App\Formats\ImportedLesson;
use App\Formats\LessonReader;
use App\Lessons\BlankLesson;
use App\Lessons\LessonDocument;
use App\Lessons\LessonSchema;
use App\Media\CheckedFile;
use App\Media\Picture\PictureKind;
use App\Models\User;
use Daybright\Format\Readers\Pptx\PptxReader;
use Daybright\Format\Readers\Slides\ReadPicture;
use Daybright\Format\Readers\Slides\ReadSlide;
use Daybright\Format\Readers\Slides\SlideBlocks;
use Daybright\Lesson\PartKind;
use DomainException;
use Illuminate\Support\Str;

/** Makes a lesson of the slides of a presentation: the first opens it, the others explain. See docs/formats/presentation.md. */
final class PresentationReader implements LessonReader
{
    private const MOST_SLIDES = 100;

    /** What older programs write, and what a password makes of a presentation (a compound file). */
    private const COMPOUND = "\xD0\xCF\x11\xE0\xA1\xB1\x1A\xE1";

    public function __construct(private readonly LessonSchema $schema)
    {
    }

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
            && ($parts->zip->locateName('ppt/presentation.xml') !== false || (new PptxReader($parts))->recognises());
    }

    public function read(User $teacher, string $path, string $name): ImportedLesson
    {
        $parts = ZipParts::open($path) ?? throw new DomainException(
            'This presentation is of an older kind, or has a password. Open it where it was made, and save it as PPTX without a password.',
        );
        $reader = new PptxReader($parts);
        $slides = $reader->slides();
        $findings = [];
        [$ids, $media, $files] = $this->pictures($parts, $slides, $findings);
        $blocks = new SlideBlocks(self::id(...), $ids);
        $made = [];
        foreach ($slides as $index => $slide) {
            $number = $index + 1;
            if ($slide === null) {
                $findings[] = "Slide {$number} is hidden or cannot be read, and was left out.";
            } elseif (count($made) < self::MOST_SLIDES) {
                $made[] = $blocks->slide($slide, $number);
                array_push($findings, ...self::leftOut($slide, $number));
            }
        }
        if (count(array_filter($slides)) > self::MOST_SLIDES) {
            $findings[] = 'A lesson has at most '.self::MOST_SLIDES.' slides of a presentation; the last ones were left out.';
        }
        $title = $reader->title() ?: pathinfo($name, PATHINFO_FILENAME);
        $document = self::document(mb_substr(mb_scrub($title), 0, 180) ?: 'Slides', $made, $media);
        $this->schema->check($document);

        return new ImportedLesson($document, $files, [], [...$findings, ...$blocks->findings]);
    }

    /**
     * @param  list<ReadSlide|null>  $slides
     * @param  list<string>  $findings
     * @return array{array<string, string>, array<string, array<string, mixed>>, list<CheckedFile>} ids by part, media by id, files
     */
    private function pictures(ZipParts $parts, array $slides, array &$findings): array
    {
        $ids = $media = $files = [];
        foreach ($slides as $index => $slide) {
            foreach ($slide->pieces ?? [] as $piece) {
                if (! $piece instanceof ReadPicture || isset($ids[$piece->part])) {
                    continue;
                }
                try {
                    $file = self::picture($parts, $piece->part);
                } catch (DomainException $trouble) {
                    $findings[] = 'A picture of slide '.($index + 1)." was left out. {$trouble->getMessage()}";

                    continue;
                }
                $id = $ids[$piece->part] = self::id('picture');
                $media[$id] = ['description' => $piece->description] + $file->medium(basename($piece->part));
                $files[] = $file;
            }
        }

        return [$ids, $media, $files];
    }

    /** @throws DomainException when it cannot be shown */
    private static function picture(ZipParts $parts, string $name): CheckedFile
    {
        $path = ZipEntry::unpack($parts->zip, $name, PictureKind::largest())
            ?? throw new DomainException('It is missing, damaged, or larger than 8 MB.');
        if (! PictureKind::recognises($path)) {
            throw new DomainException('It is of a kind that cannot be shown. Save it as PNG, and put it in by hand.');
        }

        return PictureKind::written($path);
    }

    /** @return list<string> */
    private static function leftOut(ReadSlide $slide, int $number): array
    {
        return $slide->left === [] ? [] : ["Of slide {$number} was left out: ".implode(', ', $slide->left).'.'];
    }

    /**
     * @param  list<array<string, mixed>>  $slides
     * @param  array<string, array<string, mixed>>  $media
     */
    private static function document(string $title, array $slides, array $media): LessonDocument
    {
        $document = BlankLesson::document(['title' => $title])->jsonSerialize();
        $document->media = (object) $media;
        foreach ($document->parts as $part) {
            $part->slides = match ($part->kind) {
                PartKind::Opening->value => array_slice($slides, 0, 1),
                PartKind::Explain->value => array_slice($slides, 1),
                default => [],
            };
        }

        return LessonDocument::from($document);
    }

    private static function id(string $kind): string
    {
        return $kind.'-'.Str::lower(Str::random(8));
    }
}
