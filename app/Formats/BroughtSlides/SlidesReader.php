<?php

declare(strict_types=1);

namespace App\Formats\BroughtSlides;

use App\Formats\ImportedLesson;
use App\Formats\LessonReader;
use App\Formats\Pdf\PdfPages;
use App\Lessons\BlankLesson;
use App\Lessons\LessonDocument;
use App\Lessons\LessonSchema;
use App\Media\CheckedFile;
use App\Media\Picture\PictureKind;
use Closure;
use Daybright\Format\Readers\Slides\ReadSlide;
use Daybright\Format\Readers\Slides\SlideBlocks;
use Daybright\Lesson\PartKind;
use DomainException;
use Illuminate\Support\Str;

/** Makes a lesson of slides that were read from a file: the first opens it, the others explain. */
abstract class SlidesReader implements LessonReader
{
    public const MOST_SLIDES = 100;

    private ?PdfPages $pages = null;

    public function __construct(private readonly LessonSchema $schema, private readonly LookedPage $lookedPage)
    {
    }

    /** The same slides as pages, for their exact look. */
    public function withPages(PdfPages $pages): static
    {
        $reader = clone $this;
        $reader->pages = $pages;

        return $reader;
    }

    /**
     * @param  list<ReadSlide|null>  $slides null for one that is hidden or cannot be read
     * @param  Closure(string): (string|null)  $file gives a temporary file of a picture by its name; null where there is none
     */
    protected function lesson(array $slides, string $title, Closure $file): ImportedLesson
    {
        $findings = [];
        $pictures = $this->pictures($file, $slides, $findings);
        $looks = new SlideLooks($this->lookedPage, $this->pages($slides, $findings), $pictures, self::id(...));
        $blocks = new SlideBlocks(self::id(...), $pictures->ids());
        $made = $choices = [];
        foreach ($slides as $index => $slide) {
            $number = $index + 1;
            if ($slide === null) {
                $findings[] = "Slide {$number} is hidden or cannot be read, and was left out.";
            } elseif (count($made) < self::MOST_SLIDES) {
                $asBlocks = $blocks->slide($slide, $number);
                $choice = $looks->choice($slide, $number, $asBlocks);
                $isLooked = $choice !== null && $choice->hasPicture() && $slide->isBetterAsItLooked();
                $made[] = $isLooked ? $choice->looked['slide'] : $asBlocks;
                $choice === null || $choices[] = $choice;
                array_push($findings, ...($isLooked ? [] : self::leftOut($slide, $number)));
            }
        }
        if (count(array_filter($slides)) > self::MOST_SLIDES) {
            $findings[] = 'A lesson has at most '.self::MOST_SLIDES.' slides that are brought in; the last ones were left out.';
        }
        $document = self::document(mb_substr(mb_scrub($title), 0, 180) ?: 'Slides', $made, $pictures->shownOn($made));
        $this->schema->check($document);

        return new ImportedLesson($document, $pictures->files(), [], [...$findings, ...$blocks->findings], $choices);
    }

    /**
     * Pages of the slides, by their numbers.
     *
     * @param  list<ReadSlide|null>  $slides
     * @param  list<string>  $findings
     * @return Closure(int): (string|null) gives a temporary file of the page of a slide
     */
    private function pages(array $slides, array &$findings): Closure
    {
        $pages = $this->pages;
        $shown = array_keys(array_filter($slides));
        $numbers = match ($pages?->count) {
            count($slides) => range(1, count($slides)),
            // Slides that are hidden have no page.
            count($shown) => array_combine($shown, range(1, count($shown))),
            default => [],
        };
        if ($pages !== null && $numbers === []) {
            $findings[] = "The PDF has {$pages->count} pages and there are ".count($slides)
                .' slides, so that it is not known which page belongs to which slide. It was not used.';
        }

        return static fn (int $number): ?string => $pages !== null && isset($numbers[$number - 1])
            ? $pages->picture($numbers[$number - 1])
            : null;
    }

    /**
     * @param  Closure(string): (string|null)  $file
     * @param  list<ReadSlide|null>  $slides
     * @param  list<string>  $findings
     */
    private function pictures(Closure $file, array $slides, array &$findings): BroughtPictures
    {
        $pictures = new BroughtPictures(self::id(...));
        foreach ($slides as $index => $slide) {
            foreach ($slide?->pictures() ?? [] as $part => $description) {
                if ($pictures->has($part)) {
                    continue;
                }
                try {
                    $pictures->keep($part, self::picture($file($part)), $description);
                } catch (DomainException $trouble) {
                    $findings[] = 'A picture of slide '.($index + 1)." was left out. {$trouble->getMessage()}";
                    $pictures->refuse($part);
                }
            }
        }

        return $pictures;
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
