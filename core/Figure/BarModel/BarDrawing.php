<?php

declare(strict_types=1);

namespace Daybright\Figure\BarModel;

use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;
use Daybright\Scene\Typesetter;

/** The strokes that bar models are made of. */
final readonly class BarDrawing
{
    private const LABEL = 34.0;

    public float $barHeight;

    public function __construct(private Box $box, private RenderContext $context)
    {
        $this->barHeight = max(44.0, min(130.0, $box->height * 0.34, $box->height - 2 * self::braceRoom()));
    }

    /** What a brace with its label takes above or below a bar. */
    public static function braceRoom(): float
    {
        return 28.0 + self::LABEL * 1.3;
    }

    /** @return list<Shape> */
    public function braceAbove(float $left, float $right, float $y, string $label): array
    {
        return $this->brace($left, $right, $y - 8, -16, $label, $y - 34);
    }

    /** @return list<Shape> */
    public function braceBelow(float $left, float $right, float $y, string $label, float $lowered = 0): array
    {
        return $this->brace($left, $right, $y + 8, 16, $label, $y + 32 + self::LABEL * 0.76 + $lowered);
    }

    /** How far the second of two labels side by side must be lowered so that they do not meet. */
    public function lowering(string $first, float $firstMiddle, string $second, float $secondMiddle): float
    {
        $style = new TextStyle(self::LABEL, Paint::INK, true);
        [$firstHalf, $secondHalf] = [$this->context->type->width($first, $style) / 2, $this->context->type->width($second, $style) / 2];
        $firstEnds = $this->kept($firstMiddle, $firstHalf) + $firstHalf;
        $secondStarts = $this->kept($secondMiddle, $secondHalf) - $secondHalf;

        return $firstEnds + 12 > $secondStarts ? self::LABEL * 1.1 : 0.0;
    }

    /**
     * A label in the middle of a cell, on paper so that shading does not cross it.
     *
     * @return list<Shape>
     */
    public function inside(string $label, Box $cell): array
    {
        $style = $this->fitted($label, max($cell->width - 12, 0.0));
        $width = $this->context->type->width($label, $style);
        $x = $this->kept($cell->middleX(), $width / 2);

        return [
            Shape::rectangle(
                new Box($x - $width / 2 - 8, $cell->middleY() - $style->size * 0.7, $width + 16, $style->size * 1.4),
                Paint::filled('#FFFFFF'),
                6,
            ),
            $this->context->type->label($label, $x, $cell->middleY() + $style->size * 0.35, $style),
        ];
    }

    /** A name at the start of a bar. */
    public function name(string $label, float $right, float $middle): Shape
    {
        $style = new TextStyle(self::LABEL, Paint::INK, true, 1);

        return $this->context->type->label($label, $right, $middle + $style->size * 0.35, $style);
    }

    public function nameWidth(string $label): float
    {
        return $this->context->type->width($label, new TextStyle(self::LABEL, Paint::INK, true));
    }

    /** @return list<Shape> */
    private function brace(float $left, float $right, float $y, float $depth, string $label, float $baseline): array
    {
        $middle = ($left + $right) / 2;
        $bend = min(10.0, ($right - $left) / 4);
        $line = [
            [$left + 2, $y],
            [$left + 2 + $bend, $y + $depth * 0.5],
            [$middle - $bend, $y + $depth * 0.5],
            [$middle, $y + $depth],
            [$middle + $bend, $y + $depth * 0.5],
            [$right - 2 - $bend, $y + $depth * 0.5],
            [$right - 2, $y],
        ];
        $style = $this->fitted($label, $this->box->width);
        $x = $this->kept($middle, $this->context->type->width($label, $style) / 2);

        return [
            Shape::polyline($line, Paint::outlined($this->context->strong, 3)),
            $this->context->type->label($label, $x, $baseline, $style),
        ];
    }

    /** The middle of a label, kept inside the box. */
    private function kept(float $middle, float $half): float
    {
        return max($this->box->x + $half, min($this->box->right() - $half, $middle));
    }

    private function fitted(string $label, float $room): TextStyle
    {
        $style = new TextStyle(self::LABEL, Paint::INK, true, 0.5);
        while ($style->size > Typesetter::SMALLEST && $this->context->type->width($label, $style) > $room) {
            $style = $style->sized($style->size - 2);
        }

        return $style;
    }
}
