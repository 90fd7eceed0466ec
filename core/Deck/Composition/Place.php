<?php

declare(strict_types=1);

namespace Daybright\Deck\Composition;

use Daybright\Scene\Box;

/** The room of a block in a composition. */
final readonly class Place
{
    /**
     * @param  int  $item number of the block, from 0
     * @param  Box  $room that it may take
     * @param  Box  $seen what is expected to be seen there
     */
    public function __construct(public int $item, public Box $room, public Box $seen)
    {
    }
}
