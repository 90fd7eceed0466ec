<?php

declare(strict_types=1);

namespace Daybright\Scene;

/** A text broken into lines for a width. */
final readonly class SetText
{
    /** @param list<TextLine> $lines */
    public function __construct(private array $lines, private float $room, private TextStyle $style, private Typeface $typeface) {}

    public function height(): float
    {
        return array_sum(array_map(static fn (TextLine $line): float => $line->height(), $this->lines));
    }

    public function width(): float
    {
        return max([0.0, ...array_map(static fn (TextLine $line): float => $line->indent + $line->width, $this->lines)]);
    }

    public function lineCount(): int
    {
        return count($this->lines);
    }

    /** As many lines as fit into a height; never fewer than one. */
    public function cutTo(float $height): self
    {
        $kept = [];
        $used = 0.0;
        foreach ($this->lines as $line) {
            $used += $line->height();
            if ($used > $height + 0.5 && $kept !== []) {
                break;
            }
            $kept[] = $line;
        }

        return new self($kept, $this->room, $this->style, $this->typeface);
    }

    /** @return list<Shape> with the top left corner at ($x, $y) */
    public function shapes(float $x, float $y): array
    {
        $shapes = [];
        foreach ($this->lines as $line) {
            array_push($shapes, ...$this->line($line, $x + ($this->room - $line->width - $line->indent) * $this->style->align + $line->indent, $y + $line->ascent));
            $y += $line->height();
        }

        return $shapes;
    }

    /** @return list<Shape> */
    private function line(TextLine $line, float $x, float $baseline): array
    {
        $shapes = [];
        $runs = [];
        if ($line->bullet) {
            $radius = $this->style->size * 0.13;
            $shapes[] = Shape::circle($x - $this->style->size * 0.6, $baseline - $this->style->size * 0.3, $radius, Paint::filled($this->style->colour));
        }
        $at = $x;
        foreach ($line->inlines as $index => $inline) {
            $at += $index > 0 && ! $inline->glued ? $line->space : 0;
            if ($inline->formula !== null) {
                $shapes[] = Shape::formula($inline->formula, $at, $baseline, $inline->size, $this->style->colour);
            } else {
                $runs[$inline->bold ? 1 : 0][] = [$at, $inline->word, $inline->width];
            }
            $at += $inline->width;
        }
        foreach ($runs as $bold => $words) {
            $face = $this->typeface->cut($bold === 1);
            $last = $words[count($words) - 1];
            $size = $this->style->size;
            $shapes[] = Shape::words(
                array_map(static fn (array $word): array => [$word[0], $word[1]], $words),
                $baseline, $face, $size, $this->style->colour,
                new Box($words[0][0], $baseline - $size * 0.78, $last[0] + $last[2] - $words[0][0], $size * 1.0),
            );
        }

        return $shapes;
    }
}
