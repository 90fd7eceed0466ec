<?php

declare(strict_types=1);

namespace App\Formats\Handout;

use App\Formats\OffersChoices;
use App\Lessons\HandoutFile;
use App\Models\Lesson;
use Closure;
use Daybright\Handout\Paper;
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
        $pages = $this->handout->printed($lesson->read(), $choice, static::hasAnswers());

        return $pages === [] ? throw new DomainException(self::NOTHING) : HandoutFile::pdf($pages, $choice->paper);
    }

    /** Whether the pages are those with the answers. */
    abstract protected static function hasAnswers(): bool;
}
