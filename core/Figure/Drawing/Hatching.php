<?php

declare(strict_types=1);

namespace Daybright\Figure\Drawing;

use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;

/** Shading that can be recognised without colour: a tint and slanted lines. */
final class Hatching
{
    private const GAP = 22.0;

    /** @return list<Shape> */
    public static function lines(Box $cell, RenderContext $context): array
    {
        $inner = $cell->inset(1.5);
        $shapes = [Shape::rectangle($inner, Paint::filled($context->tint))];
        for ($start = self::GAP; $start < $inner->width + $inner->height; $start += self::GAP) {
            $from = [$inner->x + min($start, $inner->width), $inner->y + max(0.0, $start - $inner->width)];
            $to = [$inner->x + max(0.0, $start - $inner->height), $inner->y + min($start, $inner->height)];
            $shapes[] = Shape::polyline([$from, $to], Paint::outlined($context->strong, 2));
        }
        $shapes[] = Shape::rectangle($cell, Paint::outlined(Paint::INK, 3));

        return $shapes;
    }
}
