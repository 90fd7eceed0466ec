<?php

declare(strict_types=1);

namespace Daybright\Deck;

use Daybright\Scene\Box;

/** Where slide and camera stand when both are seen, in units of the page. The browser has the same in web/stage/beside.ts. */
final class Beside
{
    public static function slide(Format $format): Box
    {
        return $format === Format::Wide ? new Box(20, 112.5, 1200, 675) : new Box(87, 0, 496, 771.4);
    }

    public static function camera(Format $format): Box
    {
        return $format === Format::Wide ? new Box(1240, 223.75, 340, 452.5) : new Box(185, 792, 300, 230);
    }
}
