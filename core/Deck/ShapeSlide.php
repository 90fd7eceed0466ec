<?php

declare(strict_types=1);

namespace Daybright\Deck;

use Daybright\Block\Blocks;
use Daybright\Figure\Figures;
use Daybright\Lesson\PartKind;

/** A slide that a lesson begins with: its part, a title that may stay, and blocks that are still empty. */
final readonly class ShapeSlide
{
    /** @param  list<array{kind: string, content: array<mixed>, source: int|null}>  $blocks */
    private function __construct(
        public PartKind $part,
        public string $title,
        public int $seconds,
        public array $blocks = [],
    ) {
    }

    /** @param  int  $seconds that it takes to say, as a rule of thumb */
    public static function in(PartKind $part, string $title, int $seconds = 40): self
    {
        return new self($part, $title, $seconds);
    }

    /**
     * An empty block of a kind.
     *
     * @param  array<string, mixed>  $content that differs from an empty one
     */
    public function with(string $kind, array $content = []): self
    {
        return $this->added($kind, $content + Blocks::called($kind)::blank());
    }

    /** A figure as it stands in the catalogue, to be given other quantities. */
    public function withFigure(string $figure): self
    {
        return $this->added('figure', ['figure' => $figure, 'quantities' => Figures::called($figure)::blank()]);
    }

    /** A plot that shows the numbers of the first block of the slide, which is a table. */
    public function withPlot(): self
    {
        return $this->added('figure', ['figure' => 'data-plot', 'quantities' => Figures::called('data-plot')::blank()], 0);
    }

    /** A question to be answered in words. */
    public function withQuestion(int $marks = 1): self
    {
        return $this->added(
            'question',
            ['type' => 'text', 'prompt' => '', 'marks' => $marks, 'hint' => '', 'stops' => true, 'value' => ''],
        );
    }

    /**
     * A question that is asked already.
     *
     * @param  array<mixed>  $content
     */
    public function asking(array $content): self
    {
        return $this->added('question', $content);
    }

    /** @param  array<mixed>  $content */
    private function added(string $kind, array $content, ?int $source = null): self
    {
        return new self(
            $this->part,
            $this->title,
            $this->seconds,
            [...$this->blocks, ['kind' => $kind, 'content' => $content, 'source' => $source]],
        );
    }
}
