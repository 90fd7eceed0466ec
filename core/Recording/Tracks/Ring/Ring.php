<?php

declare(strict_types=1);

namespace Daybright\Recording\Tracks\Ring;

use Daybright\Recording\Frames\Brush;
use Daybright\Recording\Frames\FrameSize;
use Daybright\Recording\Tracks\FollowsHand;
use Daybright\Recording\Tracks\Spot;

/** A ring that goes round what the hand is at, for as long as a key is held. */
final class Ring extends FollowsHand
{
    /** In slide units; the browser draws the same (web/tracks/ring/show.tsx). */
    private const RADIUS = 80.0;

    private const WIDTH = 12.0;

    private const COLOUR = '#B3261E';

    private const CORNERS = 40;

    public static function name(): string
    {
        return 'ring';
    }

    protected static function event(): string
    {
        return 'ring';
    }

    protected static function draw(string &$frame, Spot $spot, FrameSize $size): void
    {
        $brush = new Brush($size, self::COLOUR, self::WIDTH);
        for ($number = 0; $number < self::CORNERS; $number++) {
            $brush->line($frame, ...self::corner($spot, $number), ...self::corner($spot, $number + 1));
        }
    }

    /** @return array{float, float} */
    private static function corner(Spot $spot, int $number): array
    {
        $angle = 2 * M_PI * $number / self::CORNERS;

        return [$spot->x + self::RADIUS * cos($angle), $spot->y + self::RADIUS * sin($angle)];
    }
}
