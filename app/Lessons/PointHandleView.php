<?php

declare(strict_types=1);

namespace App\Lessons;

use Daybright\Scene\Scene;

/** The points of a slide that can be moved where they stand. */
final class PointHandleView
{
    /** @return list<array<string, mixed>> */
    public static function all(Scene $scene): array
    {
        $views = [];
        foreach ($scene->handles as $block => $handles) {
            foreach ($handles as $handle) {
                $views[] = [
                    'block' => $block,
                    'path' => $handle->path,
                    'label' => $handle->label,
                    'area' => BoxView::of($handle->area),
                    'x' => $handle->x,
                    'y' => $handle->y,
                ];
            }
        }

        return $views;
    }
}
