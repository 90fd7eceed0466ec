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
        $column = $this->box->x + min($this->box->width - 40, $widest($size) + 60);
        $pieces = ['verse' => []];
        $letters = array_values(array_unique(array_column($this->figure->lines, 1)));
        foreach ($this->figure->lines as $number => [$line, $letter]) {
            $middle = $this->box->y + ($number + 0.5) * $row;
            $pieces['verse'][] = $this->context->type->label($line, $this->box->x + 4, $middle + $size * 0.34, new TextStyle($size));
            $series = new Series((int) array_search($letter, $letters, true), $this->context);
            $pieces['letter-'.strtolower($letter)] = [...($pieces['letter-'.strtolower($letter)] ?? []),
                Shape::circle($column, $middle, min(24.0, $row * 0.46), Paint::outlined($series->colour, 3, '#FFFFFF')),
                $this->context->type->label($letter, $column, $middle + 10, new TextStyle(28, $series->colour, true, 0.5)),
            ];
        }
        $pieces['form'] = [$this->context->type->label(
            "{$this->figure->pattern()}: {$this->figure->form()}",
            $this->box->x + 4,
            $this->box->y + $count * $row + 40,
            new TextStyle(30, $this->context->strong, true),
        )];

        return $pieces;
    }
}
