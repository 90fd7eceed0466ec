<?php

declare(strict_types=1);

namespace Daybright\Figure\Drawing;

use Daybright\Scene\Paint;
use Daybright\Scene\Shape;

/** A line with a head at its end. */
final class Arrow
{
    /**
     * @param  non-empty-list<array{float, float}>  $points
     * @return list<Shape>
     */
    public static function along(array $points, string $colour = Paint::INK, float $stroke = 3, float $head = 16): array
    {
        $last = $points[count($points) - 1];
        $before = $points[max(0, count($points) - 2)];
        $angle = atan2($last[1] - $before[1], $last[0] - $before[0]);
        $wing = static fn (float $turn): array => [$last[0] - $head * cos($angle + $turn), $last[1] - $head * sin($angle + $turn)];
        $neck = [$last[0] - $head * 0.7 * cos($angle), $last[1] - $head * 0.7 * sin($angle)];

        return [
            Shape::polyline([...array_slice($points, 0, -1), $neck], Paint::outlined($colour, $stroke)),
            Shape::polygon([$last, $wing(0.45), $wing(-0.45)], Paint::filled($colour)),
        ];
    }
}
