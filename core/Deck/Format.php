<?php

declare(strict_types=1);

namespace Daybright\Deck;

use Daybright\Scene\Box;
use Daybright\Scene\Scene;

/**
 * The page that a slide is laid out on: wide, as on a screen or in a video, or tall, as on a phone held upright.
 *
 * The tall page has the shape of 900 × 1400. It is measured in units in which the smallest type is 28, as everywhere, and such type is
 * 15 pixels high where the page is 360 pixels wide.
 */
enum Format: string
{
    case Wide = 'wide';
    case Tall = 'tall';

    public function page(): Box
    {
        return $this === self::Wide ? new Box(0, 0, Scene::WIDTH, Scene::HEIGHT) : new Box(0, 0, 670, 1042);
    }

    public function margin(): float
    {
        return $this === self::Wide ? 96 : 48;
    }

    /** Where blocks begin on a slide without a title. */
    public function top(): float
    {
        return $this === self::Wide ? 78 : 56;
    }

    public function titleTop(): float
    {
        return $this === self::Wide ? 52 : 44;
    }

    /** Where blocks end. */
    public function bottom(): float
    {
        return $this === self::Wide ? 814 : 972;
    }

    /** Where the line of the day is. */
    public function horizon(): float
    {
        return $this === self::Wide ? 846 : 1002;
    }

    /** The size of type against that of the wide page. */
    public function type(): float
    {
        return $this === self::Wide ? 1 : 0.72;
    }

    public function hasColumns(): bool
    {
        return $this === self::Wide;
    }

    public function room(float $top): Box
    {
        $page = $this->page();

        return new Box($this->margin(), $top, $page->width - 2 * $this->margin(), $this->bottom() - $top);
    }
}
