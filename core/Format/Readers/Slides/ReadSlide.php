<?php

declare(strict_types=1);

namespace Daybright\Format\Readers\Slides;

use Daybright\Format\Readers\Page\Page;

/** A slide of another format, as far as it can be taken. */
final readonly class ReadSlide
{
    /** Letters of a picture's description. */
    private const DESCRIPTION = 1000;

    /** From so many drawn shapes on, the drawing is the point. */
    private const MANY_DRAWN = 2;

    /** On a picture that fills the slide. */
    private const MOST_LETTERS = 250;

    /** From so many texts on, where they stand is the point. */
    private const MANY_TEXTS = 6;

    /**
     * @param  list<ReadPiece>  $pieces in the order of reading
     * @param  list<string>  $notes a paragraph each
     * @param  list<string>  $left what could not be taken, such as “a film”
     * @param  Page|null  $page how it looked, where that is known
     * @param  int  $drawn lines and shapes without words that have no place among blocks
     * @param  bool  $isFilled whether its picture fills it, as a page that is taken as it looked
     */
    public function __construct(
        public string $title,
        public array $pieces,
        public array $notes,
        public array $left,
        public bool $isFilled = false,
        public ?Page $page = null,
        public int $drawn = 0,
    ) {
    }

    /** As a picture of its page that fills it: what was written is the picture’s description. */
    public function asItLooked(string $picture): self
    {
        $image = new ReadPicture($picture, $this->description(), null, 0);

        return new self('', [$image], $this->notes, [], true);
    }

    /** Whether one picture lies under a title and a few words: blocks can fill the slide with it as well. */
    public function standsOnItsPicture(): bool
    {
        $letters = 0;
        foreach ($this->pieces as $piece) {
            $letters += $piece instanceof ReadText ? mb_strlen(implode(' ', $piece->paragraphs)) : 0;
        }
        $pictures = array_filter($this->pieces, static fn (ReadPiece $piece): bool => $piece instanceof ReadPicture);
        $others = array_filter($this->pieces, static fn (ReadPiece $piece): bool => ! $piece instanceof ReadText);

        return $this->title !== ''
            && count($pictures) === 1
            && count($others) === 1
            && $letters <= self::MOST_LETTERS
            && $this->page?->standsOnPicture() === true;
    }

    /** Whether a teacher would rather keep its look: it is drawn, or written in many places or on a picture. */
    public function isBetterAsItLooked(): bool
    {
        $texts = count(array_filter($this->pieces, static fn (ReadPiece $piece): bool => $piece instanceof ReadText));

        if ($this->page === null || $this->page->isEmpty() || $this->standsOnItsPicture()) {
            return false;
        }

        return $this->page->standsOnPicture()
            || $this->drawn >= self::MANY_DRAWN
            || ($this->drawn > 0 && $texts > 1)
            || $texts >= self::MANY_TEXTS;
    }

    /** @return array<string, string> description of each picture by the name of its part */
    public function pictures(): array
    {
        $pictures = [];
        foreach ($this->pieces as $piece) {
            if ($piece instanceof ReadPicture) {
                $pictures[$piece->part] ??= $piece->description;
            }
        }

        return $pictures + array_fill_keys($this->page?->parts() ?? [], '');
    }

    /** All that is written on it, as far as a picture can be described so. */
    public function description(): string
    {
        $words = [$this->title];
        foreach ($this->pieces as $piece) {
            array_push($words, ...match (true) {
                $piece instanceof ReadText => $piece->paragraphs,
                $piece instanceof ReadTable, $piece instanceof ReadChart => array_merge(...$piece->rows),
                $piece instanceof ReadPicture => [$piece->description],
                default => [],
            });
        }

        $said = (string) preg_replace(['/(?:^|\n)- (?:– )*/u', '/\s+/u'], ["\n", ' '], implode("\n", array_filter($words)));

        return mb_substr(trim($said), 0, self::DESCRIPTION);
    }

    /** @return int clicks that build it up */
    public function clicks(): int
    {
        return max([0, ...array_map(static fn (ReadPiece $piece): int => $piece->click(), $this->pieces)]);
    }
}
