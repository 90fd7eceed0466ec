<?php

declare(strict_types=1);

namespace Daybright\Figure\RhymeLines;

use Daybright\Figure\Drawing\Series;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\SetText;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;

/** The lines under one another, the letters at their ends in one column. */
final readonly class VerseDrawing
{
    public function __construct(private RhymeLines $figure, private Box $box, private RenderContext $context)
    {
    }

    /** @return array<string, list<Shape>> */
    public function pieces(): array
    {
        [$row, $size, $column] = $this->measures();
        $pieces = ['verse' => []];
        $letters = array_values(array_unique(array_column($this->figure->lines, 1)));
        foreach ($this->figure->lines as $number => [$line, $letter]) {
            $middle = $this->box->y + ($number + 0.5) * $row;
            array_push($pieces['verse'], ...$this->line($line, $middle, new TextStyle($size)));
            $given = $this->figure->givenTo($number);
            $piece = $this->figure->isBlank ? 'verse' : 'letter-'.strtolower($letter);
            $place = $this->figure->isBlank ? ord($given ?: 'A') - ord('A') : (int) array_search($letter, $letters, true);
            $colour = $this->figure->isBlank && $given === '' ? Paint::QUIET : (new Series($place, $this->context))->colour;
            $pieces[$piece] = [
                ...$pieces[$piece] ?? [],
                ...$this->letter($this->figure->isBlank ? $given : $letter, $column, $middle, $row, $colour),
            ];
        }
        $pieces['form'] = $this->form()->shapes($this->box->x + 4, $this->box->y + count($this->figure->lines) * $row + 12);

        return $pieces;
    }

    /** @return list<Box> where the letter of each line stands */
    public function places(): array
    {
        [$row, , $column] = $this->measures();

        return array_map(
            fn (int $number): Box => new Box($column - 30, $this->box->y + $number * $row, 60, $row),
            array_keys($this->figure->lines),
        );
    }

    private function form(): SetText
    {
        $form = "{$this->figure->pattern()}: {$this->figure->form()}";

        return $this->context->type->set($form, $this->box->width - 8, new TextStyle(30, $this->context->strong, true));
    }

    /** @return list<Shape> a line that is longer than its place is turned over */
    private function line(string $line, float $middle, TextStyle $style): array
    {
        $type = $this->context->type;
        if ($type->width($line, $style) <= $this->room()) {
            return [$type->label($line, $this->box->x + 4, $middle + $style->size * 0.34, $style)];
        }
        $set = $type->set($line, $this->room(), $style);

        return $set->shapes($this->box->x + 4, $middle - $set->height() / 2);
    }

    /** What the letters leave of the width. */
    private function room(): float
    {
        return $this->box->width - 90;
    }

    /** @return list<Shape> */
    private function letter(string $letter, float $x, float $middle, float $row, string $colour): array
    {
        return [
            Shape::circle($x, $middle, min(24.0, $row * 0.46), Paint::outlined($colour, 3, '#FFFFFF', $letter === '' ? '6 6' : '')),
            ...$letter === '' ? [] : [$this->context->type->label($letter, $x, $middle + 10, new TextStyle(28, $colour, true, 0.5))],
        ];
    }

    /** @return array{float, float, float} height of a line, size of its letters, and where the letters for sounds stand */
    private function measures(): array
    {
        $count = count($this->figure->lines);
        $row = min(90.0, ($this->box->height - max(56.0, $this->form()->height() + 18)) / $count);
        $size = min(46.0, $row * 0.72);
        $widest = fn (float $at): float => max(array_map(
            fn (array $line): float => $this->context->type->width($line[0], new TextStyle($at)),
            $this->figure->lines,
        ));
        while ($size > 28 && $widest($size) > $this->room()) {
            $size--;
        }

        return [$row, $size, $this->box->x + min($this->box->width - 40, $widest($size) + 60)];
    }
}
