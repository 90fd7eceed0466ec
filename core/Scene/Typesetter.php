<?php

declare(strict_types=1);

namespace Daybright\Scene;

use Daybright\Maths\Formula;

/**
 * Breaks text into lines with the real widths of the shipped fonts.
 *
 * In a text, *stars* make words bold, `back quotes` set a formula, and a line that begins with “- ” is a point of a list.
 */
final readonly class Typesetter
{
    /** On slides nothing is set smaller, in slide units. */
    public const SMALLEST = 28.0;

    /** A last line shorter than this share of the room is a widow. */
    private const WIDOW = 0.3;

    /** In paragraphs of more lines a short last line does no harm. */
    private const MOST_BALANCED = 4;

    public function __construct(private Typeface $typeface, private FormulaSetter $formulas)
    {
    }

    public function set(string $text, float $room, TextStyle $style): SetText
    {
        $lines = [];
        foreach (explode("\n", rtrim($text)) as $paragraph) {
            array_push($lines, ...$this->withoutWidow($paragraph, $room, $style));
        }

        return new SetText($lines, $room, $style, $this->typeface);
    }

    /** The text at the largest size, from the style's down to the smallest, at which it fits; cut short when even that does not. */
    public function fit(string $text, float $width, float $height, TextStyle $style, float $smallest = self::SMALLEST): SetText
    {
        for ($size = $style->size; $size >= $smallest; $size -= 2) {
            $set = $this->set($text, $width, $style->sized($size));
            if ($set->height() <= $height && ($set->width() <= $width + 0.5)) {
                return $set;
            }
        }

        return $this->set($text, $width, $style->sized($smallest))->cutTo($height);
    }

    public function width(string $text, TextStyle $style): float
    {
        return $this->typeface->cut($style->bold)->width($text, $style->size);
    }

    public function face(bool $bold): FontFace
    {
        return $this->typeface->cut($bold);
    }

    /** One line of plain words, placed by its alignment about $x, with its baseline at $y. */
    public function label(string $text, float $x, float $y, TextStyle $style): Shape
    {
        $face = $this->typeface->cut($style->bold);
        $width = $face->width($text, $style->size);
        $left = $x - $width * $style->align;
        $words = [];
        $at = $left;
        foreach (explode(' ', $text) as $word) {
            $words[] = [$at, $word];
            $at += $face->width($word.' ', $style->size);
        }

        return Shape::words(
            $words,
            $y,
            $face,
            $style->size,
            $style->colour,
            new Box($left, $y - $style->size * 0.78, $width, $style->size),
        );
    }

    public function setFormula(string $source): SetFormula
    {
        return $this->formulas->set(Formula::parse($source)->tex);
    }

    /**
     * A last line that would hold a word or two gets more, in as many lines: they are broken a little earlier.
     *
     * @return list<TextLine>
     */
    private function withoutWidow(string $paragraph, float $room, TextStyle $style): array
    {
        $lines = $this->paragraph($paragraph, $room, $style);
        $count = count($lines);
        if ($count < 2 || $count > self::MOST_BALANCED) {
            return $lines;
        }
        for ($narrower = 0.92; $narrower > 0.6 && $lines[$count - 1]->width < $room * self::WIDOW; $narrower -= 0.08) {
            $other = $this->paragraph($paragraph, $room * $narrower, $style);
            if (count($other) !== $count) {
                break;
            }
            $lines = $other;
        }

        return $lines;
    }

    /** @return list<TextLine> */
    private function paragraph(string $paragraph, float $room, TextStyle $style): array
    {
        $bullet = str_starts_with($paragraph, '- ');
        $indent = $bullet ? $style->size * 1.0 : 0.0;
        $inlines = $this->inlines($bullet ? substr($paragraph, 2) : $paragraph, $room - $indent, $style);
        $space = $this->typeface->cut($style->bold)->width(' ', $style->size);
        $lines = [];
        $current = [];
        $width = 0.0;
        foreach ($inlines as $index => $inline) {
            $gap = $current === [] || $inline->glued ? 0.0 : $space;
            // Glued things move to the next line together with what they are glued to.
            $together = $inline->width;
            for ($next = $index + 1; isset($inlines[$next]) && $inlines[$next]->glued; $next++) {
                $together += $inlines[$next]->width;
            }
            if ($current !== [] && ! $inline->glued && $width + $gap + $together > $room - $indent + 0.01) {
                $lines[] = $this->line($current, $width, $indent, $bullet && $lines === [], $style, $space);
                [$current, $width, $gap] = [[], 0.0, 0.0];
            }
            $current[] = $inline;
            $width += $gap + $inline->width;
        }
        $lines[] = $this->line($current, $width, $indent, $bullet && $lines === [], $style, $space);

        return $lines;
    }

    /** @param  list<Inline>  $inlines */
    private function line(array $inlines, float $width, float $indent, bool $bullet, TextStyle $style, float $space): TextLine
    {
        $ascent = $style->size * $style->leading * 0.76;
        $descent = $style->size * $style->leading * 0.24;
        foreach ($inlines as $inline) {
            if ($inline->formula !== null) {
                $ascent = max($ascent, ($inline->formula->ascent + 0.12) * $inline->size);
                $descent = max($descent, ($inline->formula->descent + 0.12) * $inline->size);
            }
        }

        return new TextLine($inlines, $width, $indent, $bullet, $ascent, $descent, $space);
    }

    /** @return list<Inline> */
    private function inlines(string $paragraph, float $room, TextStyle $style): array
    {
        $inlines = [];
        $glued = false;
        foreach (preg_split('/(`[^`]+`|\*[^*\s](?:[^*]*[^*\s])?\*)/u', $paragraph, -1, PREG_SPLIT_DELIM_CAPTURE) ?: [] as $run) {
            if ($run === '') {
                continue;
            }
            if ($run[0] === '`' && strlen($run) > 2) {
                $inlines[] = Inline::formula($this->setFormula(trim($run, '`')), $style->size, $room, $glued);
                $glued = true;

                continue;
            }
            $bold = $run[0] === '*' && strlen($run) > 2 && str_ends_with($run, '*');
            $words = $bold ? substr($run, 1, -1) : $run;
            array_push($inlines, ...$this->words($words, $bold || $style->bold, $room, $style, $glued));
            $glued = preg_match('/\s$/u', $words) !== 1;
        }

        return $inlines;
    }

    /** @return list<Inline> */
    private function words(string $text, bool $bold, float $room, TextStyle $style, bool $glued): array
    {
        $face = $this->typeface->cut($bold);
        $inlines = [];
        $glued = $glued && preg_match('/^\s/u', $text) !== 1;
        foreach (preg_split('/[ \t]+/u', $text, -1, PREG_SPLIT_NO_EMPTY) ?: [] as $word) {
            foreach ($this->broken($word, $face, $room, $style->size) as $index => $piece) {
                $inlines[] = Inline::word($piece, $face, $bold, $style->size, $index === 0 && $glued);
            }
            $glued = false;
        }

        return $inlines;
    }

    /**
     * A word wider than the line is broken where it must be.
     *
     * @return list<string>
     */
    private function broken(string $word, FontFace $face, float $room, float $size): array
    {
        if ($face->width($word, $size) <= $room) {
            return [$word];
        }
        $pieces = [''];
        foreach (mb_str_split($word) as $letter) {
            $last = count($pieces) - 1;
            if ($pieces[$last] !== '' && $face->width($pieces[$last].$letter, $size) > $room) {
                $pieces[] = $letter;
            } else {
                $pieces[$last] .= $letter;
            }
        }

        return $pieces;
    }
}
