<?php

declare(strict_types=1);

namespace App\Adapters\Video;

use Daybright\Scene\Box;

/** A raw picture (I420) laid into another. */
final readonly class Inset
{
    /** Pixels of the picture that something is laid into, even numbers. */
    public function __construct(private int $width, private int $height)
    {
    }

    /** @param  Box  $room in pixels, even numbers; as large as the picture that is laid in */
    public function put(string $frame, string $picture, Box $room): string
    {
        return $this->copied($frame, $picture, (int) $room->width, new Box(0, 0, $room->width, $room->height), $room->x, $room->y);
    }

    /**
     * @param  int  $across pixels of a row of the sheet
     * @param  Box  $from part of the sheet, in pixels, even numbers
     */
    public function copied(string $frame, string $sheet, int $across, Box $from, float $toX, float $toY): string
    {
        $luma = $this->width * $this->height;
        $sheetLuma = intdiv(strlen($sheet) * 2, 3);
        $pieces = [];
        $done = 0;
        $planes = [[0, 0, 1], [$luma, $sheetLuma, 2], [$luma + intdiv($luma, 4), $sheetLuma + intdiv($sheetLuma, 4), 2]];
        foreach ($planes as [$offset, $sheetOffset, $share]) {
            $row = intdiv($this->width, $share);
            $length = intdiv((int) $from->width, $share);
            for ($y = 0; $y < intdiv((int) $from->height, $share); $y++) {
                $target = $offset + (intdiv((int) $toY, $share) + $y) * $row + intdiv((int) $toX, $share);
                $pieces[] = substr($frame, $done, $target - $done);
                $pieces[] = substr(
                    $sheet,
                    $sheetOffset + (intdiv((int) $from->y, $share) + $y) * intdiv($across, $share) + intdiv((int) $from->x, $share),
                    $length,
                );
                $done = $target + $length;
            }
        }
        $pieces[] = substr($frame, $done);

        return implode('', $pieces);
    }
}
