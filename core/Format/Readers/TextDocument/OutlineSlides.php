<?php

declare(strict_types=1);

namespace Daybright\Format\Readers\TextDocument;

use Daybright\Format\Readers\Package\Rows;
use Daybright\Format\Readers\Slides\ReadPicture;
use Daybright\Format\Readers\Slides\ReadPiece;
use Daybright\Format\Readers\Slides\ReadSlide;
use Daybright\Format\Readers\Slides\ReadTable;
use Daybright\Format\Readers\Slides\ReadText;
use Daybright\Format\Readers\Slides\TypedText;
use Daybright\Format\UnreadableText;

/** Makes slides of a running text: every heading begins one, and what follows stands on it. */
final class OutlineSlides
{
    private const MOST_SLIDES = 300;

    /** @var list<ReadSlide> */
    private array $slides = [];

    private string $title = '';

    /** @var list<ReadPiece> */
    private array $pieces = [];

    /** @var list<string> */
    private array $lines = [];

    /** @var list<string> */
    private array $left = [];

    public function heading(string $title): void
    {
        $this->end();
        $this->title = TypedText::plain($title);
    }

    public function paragraph(string $text): void
    {
        $plain = TypedText::plain($text);
        if ($plain !== '') {
            $this->lines[] = $plain;
        }
    }

    /** @param  int  $level of the list, from 0 */
    public function point(string $text, int $level): void
    {
        $plain = TypedText::plain($text);
        if ($plain !== '') {
            $this->lines[] = TypedText::point($plain, $level);
        }
    }

    public function picture(string $part, string $description): void
    {
        $this->endText();
        $this->pieces[] = new ReadPicture($part, mb_substr(trim($description), 0, 1000), null, 0);
    }

    /** @param  list<list<string>>  $rows */
    public function table(array $rows, bool $hasHead): void
    {
        $even = Rows::even(array_map(
            static fn (array $row): array => array_map(TypedText::plain(...), $row),
            $rows,
        ));
        if ($even !== []) {
            $this->endText();
            $this->pieces[] = new ReadTable($even, $hasHead, false, 0);
        }
    }

    /** @param  string  $what such as “a picture that lies elsewhere” */
    public function leaveOut(string $what): void
    {
        $this->left[] = $what;
    }

    /**
     * @return non-empty-list<ReadSlide>
     *
     * @throws UnreadableText when nothing was written
     */
    public function slides(): array
    {
        $this->end();

        return $this->slides === [] ? throw UnreadableText::nothingWritten() : $this->slides;
    }

    private function end(): void
    {
        $this->endText();
        if ($this->title !== '' || $this->pieces !== []) {
            $this->slides[] = new ReadSlide($this->title, $this->pieces, [], $this->left);
            $this->left = [];
        }
        [$this->title, $this->pieces] = ['', []];
        if (count($this->slides) > self::MOST_SLIDES) {
            throw UnreadableText::tooManyHeadings(self::MOST_SLIDES);
        }
    }

    private function endText(): void
    {
        if ($this->lines !== []) {
            $this->pieces[] = new ReadText($this->lines, 0);
        }
        $this->lines = [];
    }
}
