<?php

declare(strict_types=1);

namespace Daybright\Recording\Tracks;

use Daybright\Recording\Frames\FramePainter;
use Daybright\Recording\Frames\FrameSize;

/** A track that is seen over the slide in a video. */
interface PaintsFrames extends Track
{
    /** @param  list<Interval>  $intervals */
    public static function painter(array $intervals, FrameSize $size): FramePainter;
}
