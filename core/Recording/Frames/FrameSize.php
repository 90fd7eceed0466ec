<?php

declare(strict_types=1);

namespace Daybright\Recording\Frames;

use Daybright\Deck\Format;
use Daybright\Scene\Box;

/** How large the pictures of a video are, in pixels, which part of the slide they show just now, and where in the picture. */
final class FrameSize
{
    private Box $seen;

    private Box $room;

    /** @param  Format  $format of the pictures, whatever page a slide has */
    public function __construct(public readonly int $width, public readonly int $height, private readonly Format $format = Format::Wide)
    {
        $this->seen = $this->room = $format->page();
    }

    /**
     * Everything that is painted from now on is painted as it is seen there, and nothing beyond it.
     *
     * @param  Box  $seen part of the slide, in units of its page
     * @param  Box|null  $room where in the picture, in units of the page that is as large as the picture; null for all of it
     */
    public function show(Box $seen, ?Box $room = null): void
    {
        $this->seen = $seen;
        $this->room = $room ?? $this->format->page();
    }

    /** Pixels to a slide unit. */
    public function scale(): float
    {
        return $this->pixels($this->room->width) / $this->seen->width;
    }

    /** Pixels from the left, of a place in slide units. */
    public function across(float $x): float
    {
        return $this->pixels($this->room->x) + ($x - $this->seen->x) * $this->scale();
    }

    /** Pixels from above. */
    public function down(float $y): float
    {
        return $this->pixels($this->room->y) + ($y - $this->seen->y) * $this->scale();
    }

    /** What of a box, in pixels, lies where the slide is seen. */
    public function within(Box $box): Box
    {
        $room = $this->room->scaled($this->pixels(1));
        $left = max($box->x, $room->x);
        $top = max($box->y, $room->y);

        return new Box(
            $left,
            $top,
            max(0.0, min($box->right(), $room->right()) - $left),
            max(0.0, min($box->bottom(), $room->bottom()) - $top),
        );
    }

    private function pixels(float $units): float
    {
        return $units * $this->width / $this->format->page()->width;
    }
}
