<?php

declare(strict_types=1);

namespace Daybright\Recording\Tracks\Light;

use Daybright\Recording\Frames\FrameSize;
use Daybright\Recording\Tracks\FollowsHand;
use Daybright\Recording\Tracks\Spot;
use Daybright\Scene\Box;

/** A bright spot round what the hand is at, while all else grows darker, for as long as a key is held. */
final class Light extends FollowsHand
{
    /** In slide units; the browser draws the same (web/tracks/light/show.tsx). */
    private const RADIUS = 170.0;

    /** How much of the brightness is left elsewhere. */
    private const DIM = 0.4;

    private const BLACK = 16;

    public static function name(): string
    {
        return 'light';
    }

    protected static function event(): string
    {
        return 'light';
    }

    protected static function draw(string &$frame, Spot $spot, FrameSize $size): void
    {
        $bright = $frame;
        $room = $size->within(new Box(0, 0, $size->width, $size->height));
        [$begins, $ends] = [(int) round($room->y), (int) round($room->bottom())];
        [$from, $to] = [(int) round($room->x), (int) round($room->right())];
        $dimmed = self::dimmed();
        for ($row = $begins; $row < $ends; $row++) {
            $at = $row * $size->width + $from;
            $frame = substr_replace($frame, strtr(substr($frame, $at, $to - $from), $dimmed), $at, $to - $from);
        }
        [$x, $y, $radius] = [$size->across($spot->x), $size->down($spot->y), self::RADIUS * $size->scale()];
        for ($row = max($begins, (int) ceil($y - $radius)); $row < min($ends, $y + $radius); $row++) {
            $half = sqrt(max(0.0, $radius ** 2 - ($row + 0.5 - $y) ** 2));
            $left = max($from, (int) round($x - $half));
            $length = min($to, (int) round($x + $half)) - $left;
            if ($length > 0) {
                $at = $row * $size->width + $left;
                $frame = substr_replace($frame, substr($bright, $at, $length), $at, $length);
            }
        }
    }

    /** @return array<string, string> a darker value of the luma plane for each */
    private static function dimmed(): array
    {
        $table = [];
        for ($value = 0; $value < 256; $value++) {
            $table[chr($value)] = chr((int) round(self::BLACK + max(0, $value - self::BLACK) * self::DIM));
        }

        return $table;
    }
}
