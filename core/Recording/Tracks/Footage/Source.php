<?php

declare(strict_types=1);

namespace Daybright\Recording\Tracks\Footage;

/** What footage shows. */
enum Source: string
{
    case Camera = 'camera';

    /** A window of the teacher's computer. */
    case Window = 'window';

    /** A clip of the slide, without its sound. */
    case Clip = 'clip';

    /** What of several sources is seen in the slide’s place: that of the lowest rank. */
    public function rank(): int
    {
        return match ($this) {
            self::Clip => 0,
            self::Window => 1,
            self::Camera => 2,
        };
    }
}
