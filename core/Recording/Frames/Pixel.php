<?php

declare(strict_types=1);

namespace Daybright\Recording\Frames;

/** A colour as the pictures of a video hold it: BT.709, studio range. */
final class Pixel
{
    /**
     * @param  string  $colour such as “#B3261E”
     * @return array{int, int, int}
     */
    public static function yuv(string $colour): array
    {
        [$r, $g, $b] = array_map(static fn (string $part): float => hexdec($part) / 255, str_split(ltrim($colour, '#'), 2));
        $y = 0.2126 * $r + 0.7152 * $g + 0.0722 * $b;

        return [(int) round(16 + 219 * $y), (int) round(128 + 224 * ($b - $y) / 1.8556), (int) round(128 + 224 * ($r - $y) / 1.5748)];
    }
}
