<?php

declare(strict_types=1);

namespace Daybright\Recording\Frames;

use Daybright\Scene\Box;

/** Fills a box of a raw picture (yuv420p). */
final class Patch
{
    /** @param  Box  $box in slide units */
    public static function fill(string &$frame, Box $box, string $colour, FrameSize $size): void
    {
        $yuv = Pixel::yuv($colour);
        $luma = $size->width * $size->height;
        $scale = $size->scale();
        $pixels = $size->within(new Box($size->across($box->x), $size->down($box->y), $box->width * $scale, $box->height * $scale));
        self::plane($frame, 0, $size->width, $size->height, $pixels, $yuv[0]);
        foreach ([1, 2] as $plane) {
            self::plane(
                $frame,
                $luma + ($plane - 1) * intdiv($luma, 4),
                intdiv($size->width, 2),
                intdiv($size->height, 2),
                $pixels->scaled(0.5),
                $yuv[$plane],
            );
        }
    }

    private static function plane(string &$frame, int $offset, int $width, int $height, Box $box, int $value): void
    {
        $left = max(0, min($width, (int) round($box->x)));
        $right = max($left, min($width, (int) round($box->right())));
        $row = str_repeat(chr($value), $right - $left);
        for ($y = max(0, (int) round($box->y)); $row !== '' && $y < min($height, (int) round($box->bottom())); $y++) {
            $frame = substr_replace($frame, $row, $offset + $y * $width + $left, strlen($row));
        }
    }
}
