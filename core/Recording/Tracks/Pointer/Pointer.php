<?php

declare(strict_types=1);

namespace Daybright\Recording\Tracks\Pointer;

use Daybright\Recording\Frames\Brush;
use Daybright\Recording\Frames\FrameSize;
use Daybright\Recording\Tracks\FollowsHand;
use Daybright\Recording\Tracks\Spot;

/** A spot of light that follows the teacher's hand. */
final class Pointer extends FollowsHand
{
    private const COLOUR = '#B3261E';

    private const WIDTH = 26.0;

    public static function name(): string
    {
        return 'pointer';
    }

    protected static function event(): string
    {
        return 'point';
    }

    protected static function draw(string &$frame, Spot $spot, FrameSize $size): void
    {
        (new Brush($size, self::COLOUR, self::WIDTH))->line($frame, $spot->x, $spot->y, $spot->x, $spot->y);
    }
}
