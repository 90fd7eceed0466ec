<?php

declare(strict_types=1);

namespace Daybright\Scene;

/** A text broken into lines for a width. */
final readonly class SetText
{
    /** @param  list<TextLine>  $lines */
    public function __construct(private array $lines, private float $room, private TextStyle $style, private Typeface $typeface)
    {
    }

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
            array_push(
                $shapes,
                ...$this->line(
                    $line,
                    $x + ($this->room - $line->width - $line->indent) * $this->style->align + $line->indent,
                    $y + $line->ascent,
                ),
            );
            $y += $line->height();
        }

        return $shapes;
    }

    /** Where it is typed, with the top left corner at ($x, $y). */
    public function field(string $path, string $label, float $x, float $y): TextField
    {
        return new TextField(
            $path,
            $label,
            new Box($x, $y, $this->room, $this->height()),
            count($this->lines) > 1 ? $this->width() : $this->room,
            $this->style,
        );
    }

    /** @return list<Shape> */
    private function line(TextLine $line, float $x, float $baseline): array
    {
        $shapes = [];
        if ($line->bullet) {
            $radius = $this->style->size * 0.13;
            $shapes[] = Shape::circle(
                $x - $this->style->size * 0.6,
                $baseline - $this->style->size * 0.3,
                $radius,
                Paint::filled($this->style->colour),
            );
        }
        $at = $x;
        $run = [];
        foreach ($line->inlines as $index => $inline) {
            $at += $index > 0 && ! $inline->glued ? $line->space : 0;
            if ($run !== [] && ($inline->formula !== null || $inline->bold !== $run[0][1]->bold)) {
                $shapes[] = $this->run($run, $baseline);
                $run = [];
            }
            if ($inline->formula !== null) {
                $shapes[] = Shape::formula($inline->formula, $at, $baseline, $inline->size, $this->style->colour);
            } else {
                $run[] = [$at, $inline];
            }
            $at += $inline->width;
        }
        if ($run !== []) {
            $shapes[] = $this->run($run, $baseline);
        }

        return $shapes;
    }

    /**
     * Words of one cut that stand side by side.
     *
     * @param  non-empty-list<array{float, Inline}>  $run
     */
    private function run(array $run, float $baseline): Shape
    {
        [$first, $last] = [$run[0], $run[count($run) - 1]];
        $size = $this->style->size;

        return Shape::words(
            array_map(static fn (array $word): array => [$word[0], $word[1]->word], $run),
            $baseline, $this->typeface->cut($first[1]->bold), $size, $this->style->colour,
            new Box($first[0], $baseline - $size * 0.78, $last[0] + $last[1]->width - $first[0], $size),
        );
    }
}
