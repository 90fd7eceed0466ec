<?php

declare(strict_types=1);

namespace App\Formats\Handout;

use App\Formats\OffersChoices;
use App\Lessons\HandoutFile;
use App\Models\Lesson;
use App\Models\Share;
use Closure;
use Daybright\Handout\Paper;
use Daybright\Handout\PrintedPage;
use Daybright\Handout\WayIn;
use Daybright\Lesson\Lesson as Document;
use DomainException;

/** Writes pages of the lesson as it is now. */
abstract class PrintedPagesWriter implements OffersChoices
{
    private const NOTHING = 'There is nothing to print yet. Put a question on a slide, or a practice set on the handout, in the Storyboard.';

    final public function __construct(private readonly HandoutFile $handout, private readonly ?PrintChoice $choice = null)
    {
    }

    public function chosen(array $choices): self
    {
        return new static($this->handout, PrintChoice::of(static::format()->chosen($choices)));
    }

    public function obstacle(Lesson $lesson): ?string
    {
        $document = $lesson->document()->array();
        $hasSlides = array_merge(...array_column($document['parts'], 'slides')) !== [];

        return $hasSlides || ($document['handout'] ?? []) !== [] ? null : self::NOTHING;
    }

    public function size(Lesson $lesson): ?int
    {
        return null;
    }

    public function write(Lesson $lesson, Closure $progress): string
    {
        $choice = $this->choice ?? new PrintChoice(Paper::a4());
        $read = $lesson->read();
        $pages = $this->handout->printed($read, $choice, static::hasAnswers(), self::waysIn($lesson));

        return $pages === [] ? throw new DomainException(self::NOTHING) : $this->file($read, $pages, $choice->paper);
    }

    /**
     * @param  non-empty-list<PrintedPage>  $pages
     * @return string path of a temporary file
     */
    protected function file(Document $lesson, array $pages, Paper $paper): string
    {
        return HandoutFile::pdf(array_map(static fn (PrintedPage $page): string => $page->svg, $pages), $paper);
    }

    /** @return list<WayIn> of every class that has the lesson */
    private static function waysIn(Lesson $lesson): array
    {
        $address = rtrim((string) config('app.url'), '/').'/w/';
        $shares = $lesson->shares()->with('classroom')->get()->sortBy('classroom.name');

        return array_values($shares->map(
            static fn (Share $share): WayIn => new WayIn($share->classroom->name, $share->classroom->code, $address.$share->id),
        )->all());
    }

    /** Whether the pages are those with the answers. */
    abstract protected static function hasAnswers(): bool;
}
