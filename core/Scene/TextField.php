<?php

declare(strict_types=1);

namespace Daybright\Scene;

/** Where a text of the document stands in a picture, and how it is set there, so that it can be typed in place. */
final readonly class TextField
{
    /**
     * @param  string  $path to the text within what it belongs to, such as “lines/0/formula”
     * @param  string  $label for the teacher
     * @param  Box  $room that its lines are broken for
     * @param  float  $measure width at which they break as they are seen: less than the room where a widow was avoided
     * @param  bool  $hasParagraphs whether Enter begins another line of the same text
     * @param  Repetition|null  $repetition of the list that the text is an entry of
     */
    public function __construct(
        public string $path,
        public string $label,
        public Box $room,
        public float $measure,
        public TextStyle $style,
        public bool $hasParagraphs = false,
        public ?Repetition $repetition = null,
    ) {
    }

    public function inParagraphs(): self
    {
        return new self($this->path, $this->label, $this->room, $this->measure, $this->style, true, $this->repetition);
    }

    public function repeated(Repetition $repetition): self
    {
        return new self($this->path, $this->label, $this->room, $this->measure, $this->style, $this->hasParagraphs, $repetition);
    }

    /** Enlarged about zero, then moved, in the colours of a look. */
    public function placed(float $x, float $y, float $scale, Palette $palette): self
    {
        return new self(
            $this->path,
            $this->label,
            $this->room->scaled($scale)->moved($x, $y),
            $this->measure * $scale,
            $this->style->sized($this->style->size * $scale)->coloured($palette->colour($this->style->colour)),
            $this->hasParagraphs,
            $this->repetition,
        );
    }
}
