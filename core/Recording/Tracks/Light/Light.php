<?php

declare(strict_types=1);

namespace Daybright\Recording\Tracks\Light;

use Daybright\Recording\Frames\FrameSize;
use Daybright\Recording\Tracks\FollowsHand;
use Daybright\Recording\Tracks\Spot;

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
        $pixels = $size->width * $size->height;
        $frame = strtr(substr($frame, 0, $pixels), self::dimmed()).substr($frame, $pixels);
        [$x, $y, $radius] = [$size->across($spot->x), $size->down($spot->y), self::RADIUS * $size->scale()];
        for ($row = max(0, (int) ceil($y - $radius)); $row < min($size->height, $y + $radius); $row++) {
            $half = sqrt(max(0.0, $radius ** 2 - ($row + 0.5 - $y) ** 2));
            $left = max(0, (int) round($x - $half));
            $length = min($size->width, (int) round($x + $half)) - $left;
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
