<?php

declare(strict_types=1);

namespace Daybright\Recording\Frames;

use Daybright\Scene\Scene;

/** How large the pictures of a video are, in pixels. */
final readonly class FrameSize
{
    public function __construct(public int $width, public int $height)
    {
    }

    /** Pixels to a slide unit. */
    public function scale(): float
    {
        return $this->width / Scene::WIDTH;
    }
}
