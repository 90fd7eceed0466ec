<?php

declare(strict_types=1);

namespace App\Lessons;

use Daybright\Scene\Box;

/** A box as the rooms get it. */
final class BoxView
{
    /** @return array{float, float, float, float} x, y, width and height in slide units */
    public static function of(Box $box, int $places = 1): array
    {
        return [round($box->x, $places), round($box->y, $places), round($box->width, $places), round($box->height, $places)];
    }
}
