<?php

declare(strict_types=1);

namespace Daybright\Recording\Frames;

use Daybright\Scene\Box;
use Daybright\Scene\Scene;

/** How large the pictures of a video are, in pixels, and which part of the slide they show just now. */
final class FrameSize
{
    private Box $seen;

    public function __construct(public readonly int $width, public readonly int $height)
    {
        $this->seen = new Box(0, 0, Scene::WIDTH, Scene::HEIGHT);
    }

    /** Everything that is painted from now on is painted as it is seen there. */
    public function show(Box $seen): void
    {
        $this->seen = $seen;
    }

    /** Pixels to a slide unit. */
    public function scale(): float
    {
        return $this->width / $this->seen->width;
    }

    /** Pixels from the left, of a place in slide units. */
    public function across(float $x): float
    {
        return ($x - $this->seen->x) * $this->scale();
    }

    /** Pixels from above. */
    public function down(float $y): float
    {
        return ($y - $this->seen->y) * $this->scale();
    }
}
