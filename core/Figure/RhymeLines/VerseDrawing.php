<?php

declare(strict_types=1);

namespace Daybright\Figure\RhymeLines;

use Daybright\Figure\Drawing\Series;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
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
            $pieces['verse'][] = $this->context->type->label($line, $this->box->x + 4, $middle + $size * 0.34, new TextStyle($size));
            $given = $this->figure->givenTo($number);
            $piece = $this->figure->isBlank ? 'verse' : 'letter-'.strtolower($letter);
            $place = $this->figure->isBlank ? ord($given ?: 'A') - ord('A') : (int) array_search($letter, $letters, true);
            $colour = $this->figure->isBlank && $given === '' ? Paint::QUIET : (new Series($place, $this->context))->colour;
            $pieces[$piece] = [
                ...$pieces[$piece] ?? [],
                ...$this->letter($this->figure->isBlank ? $given : $letter, $column, $middle, $row, $colour),
            ];
        }
        $pieces['form'] = [$this->context->type->label(
            "{$this->figure->pattern()}: {$this->figure->form()}",
            $this->box->x + 4,
            $this->box->y + count($this->figure->lines) * $row + 40,
            new TextStyle(30, $this->context->strong, true),
        )];

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
        $row = min(90.0, ($this->box->height - 56) / $count);
        $size = min(46.0, $row * 0.72);
        $widest = fn (float $at): float => max(array_map(
            fn (array $line): float => $this->context->type->width($line[0], new TextStyle($at)),
            $this->figure->lines,
        ));
        while ($size > 28 && $widest($size) > $this->box->width - 90) {
            $size--;
        }

        return [$row, $size, $this->box->x + min($this->box->width - 40, $widest($size) + 60)];
    }
}
