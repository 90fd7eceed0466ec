<?php

declare(strict_types=1);

namespace Daybright\Deck\Composition;

use Daybright\Scene\Box;

/** The largest rectangle of a room in which nothing stands. */
final class EmptySpace
{
    private const COLUMNS = 24;

    private const ROWS = 15;

    /**
     * @param  list<Box>  $boxes
     * @return float share of the room, from 0 to 1
     */
    public static function largest(array $boxes, Box $room): float
    {
        $heights = array_fill(0, self::COLUMNS + 1, 0);
        $largest = 0;
        for ($row = 0; $row < self::ROWS; $row++) {
            $y = $room->y + ($row + 0.5) * $room->height / self::ROWS;
            $taken = array_filter($boxes, static fn (Box $box): bool => $box->y <= $y && $y <= $box->bottom());
            for ($column = 0; $column < self::COLUMNS; $column++) {
                $x = $room->x + ($column + 0.5) * $room->width / self::COLUMNS;
                $heights[$column]++;
                foreach ($taken as $box) {
                    if ($box->x <= $x && $x <= $box->right()) {
                        $heights[$column] = 0;
                        break;
                    }
                }
            }
            $largest = max($largest, self::underLine($heights));
        }

        return $largest / (self::COLUMNS * self::ROWS);
    }

    /**
     * The largest rectangle under a skyline, with a stack of rising heights.
     *
     * @param  array<int, int>  $heights the last of them is 0
     */
    private static function underLine(array $heights): int
    {
        $rising = [];
        $largest = 0;
        foreach ($heights as $at => $height) {
            $begin = $at;
            while ($rising !== [] && $rising[count($rising) - 1][1] >= $height) {
                [$begin, $high] = array_pop($rising);
                $largest = max($largest, $high * ($at - $begin));
            }
            $rising[] = [$begin, $height];
        }

        return $largest;
    }
}
