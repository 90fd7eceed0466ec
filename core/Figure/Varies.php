<?php

declare(strict_types=1);

namespace Daybright\Figure;

/** A figure with a question in it, which can be asked again with other numbers. */
interface Varies extends Figure
{
    /**
     * Another item that comes out well; the same seed and level give the same item.
     *
     * @param  int  $level 1 to 3
     *
     * @throws InvalidQuantities when the level does not exist
     */
    public function vary(int $seed, int $level): Variation;
}
