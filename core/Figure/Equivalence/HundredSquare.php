<?php

declare(strict_types=1);

namespace Daybright\Figure\Equivalence;

use Daybright\Figure\Drawing\Hatching;
use Daybright\Maths\DecimalExpansion;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;

/** A square of a hundred cells, shaded column by column; the last cell in part. */
final readonly class HundredSquare
{
    public function __construct(private Equivalence $figure, private Box $box, private RenderContext $context)
    {
    }

    /** @return array<string, list<Shape>> */
    public function pieces(): array
    {
        $side = min($this->box->height, $this->box->width * 0.48);
        $square = new Box($this->box->x, $this->box->middleY() - $side / 2, $side, $side);
        $x = $square->right() + 32;
        $style = new TextStyle(40, Paint::INK, true);
        $line = min(90.0, $side / 3.4);
        $middle = $square->middleY() + 14;
        $write = fn (string $written, int $row): Shape => $this->fitted($written, $x, $middle + $row * $line, $style);

        return [
            'fraction' => [...$this->cells($square), $write($this->figure->fraction(), -1)],
            'decimal' => [$write('= '.DecimalExpansion::expand($this->figure->value)->written(), 0)],
            'percent' => [$write('= '.$this->figure->percent(), 1)],
        ];
    }

    /** @return list<Shape> */
    private function cells(Box $square): array
    {
        $cell = $square->width / 10;
        $hundredths = $this->figure->value->toFloat() * 100;
        $columns = (int) floor($hundredths / 10 + 1e-9);
        $shapes = [Shape::rectangle($square, Paint::outlined(Paint::INK, 3, '#FFFFFF'))];
        if ($columns > 0) {
            array_push($shapes, ...Hatching::lines(new Box($square->x, $square->y, $columns * $cell, $square->height), $this->context));
        }
        $left = $hundredths - 10 * $columns;
        if ($left > 1e-9 && $columns < 10) {
            $whole = (int) floor($left + 1e-9);
            if ($whole > 0) {
                array_push(
                    $shapes,
                    ...Hatching::lines(new Box($square->x + $columns * $cell, $square->y, $cell, $whole * $cell), $this->context),
                );
            }
            if ($left - $whole > 1e-6) {
                array_push(
                    $shapes,
                    ...Hatching::lines(
                        new Box($square->x + $columns * $cell, $square->y + $whole * $cell, $cell * ($left - $whole), $cell),
                        $this->context,
                    ),
                );
            }
        }
        for ($line = 1; $line < 10; $line++) {
            $at = $line * $cell;
            $shapes[] = Shape::polyline(
                [[$square->x + $at, $square->y], [$square->x + $at, $square->bottom()]],
                Paint::outlined(Paint::INK, 1.5),
            );
            $shapes[] = Shape::polyline(
                [[$square->x, $square->y + $at], [$square->right(), $square->y + $at]],
                Paint::outlined(Paint::INK, 1.5),
            );
        }

        return $shapes;
    }

    private function fitted(string $written, float $x, float $baseline, TextStyle $style): Shape
    {
        while ($style->size > 28 && $this->context->type->width($written, $style) > $this->box->right() - $x) {
            $style = $style->sized($style->size - 2);
        }

        return $this->context->type->label($written, $x, $baseline, $style);
    }
}
