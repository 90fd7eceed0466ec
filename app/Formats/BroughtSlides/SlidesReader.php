<?php

declare(strict_types=1);

namespace App\Formats\BroughtSlides;

use App\Formats\ImportedLesson;
use App\Formats\LessonReader;
use App\Lessons\BlankLesson;
use App\Lessons\LessonDocument;
use App\Lessons\LessonSchema;
use App\Media\CheckedFile;
use App\Media\Picture\PictureKind;
use Closure;
use Daybright\Format\Readers\Slides\ReadPicture;
use Daybright\Format\Readers\Slides\ReadSlide;
use Daybright\Format\Readers\Slides\SlideBlocks;
use Daybright\Lesson\PartKind;
use DomainException;
use Illuminate\Support\Str;

/** Makes a lesson of slides that were read from a file: the first opens it, the others explain. */
abstract class SlidesReader implements LessonReader
{
    private const MOST_SLIDES = 100;

    public function __construct(private readonly LessonSchema $schema)
    {
    }

    /**
     * @param  list<ReadSlide|null>  $slides null for one that is hidden or cannot be read
     * @param  Closure(string): (string|null)  $file gives a temporary file of a picture by its name; null where there is none
     */
    protected function lesson(array $slides, string $title, Closure $file): ImportedLesson
    {
        $findings = [];
        [$ids, $media, $files] = $this->pictures($file, $slides, $findings);
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
            $findings[] = 'A lesson has at most '.self::MOST_SLIDES.' slides that are brought in; the last ones were left out.';
        }
        $document = self::document(mb_substr(mb_scrub($title), 0, 180) ?: 'Slides', $made, $media);
        $this->schema->check($document);

        return new ImportedLesson($document, $files, [], [...$findings, ...$blocks->findings]);
    }

    /**
     * @param  Closure(string): (string|null)  $file
     * @param  list<ReadSlide|null>  $slides
     * @param  list<string>  $findings
     * @return array{array<string, string>, array<string, array<string, mixed>>, list<CheckedFile>} ids by part, media by id, files
     */
    private function pictures(Closure $file, array $slides, array &$findings): array
    {
        $ids = $media = $files = [];
        foreach ($slides as $index => $slide) {
            foreach ($slide->pieces ?? [] as $piece) {
                if (! $piece instanceof ReadPicture || isset($ids[$piece->part])) {
                    continue;
                }
                try {
                    $checked = self::picture($file($piece->part));
                } catch (DomainException $trouble) {
                    $findings[] = 'A picture of slide '.($index + 1)." was left out. {$trouble->getMessage()}";

                    continue;
                }
                $id = $ids[$piece->part] = self::id('picture');
                $media[$id] = ['description' => $piece->description] + $checked->medium(basename($piece->part));
                $files[] = $checked;
            }
        }

        return [$ids, $media, $files];
    }

    /** @throws DomainException when it cannot be shown */
    private static function picture(?string $path): CheckedFile
    {
        if ($path === null) {
            throw new DomainException('It is missing, damaged, or larger than 8 MB.');
        }
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
