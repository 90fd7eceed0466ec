<?php

declare(strict_types=1);

namespace Daybright\Figure;

use Daybright\Scene\Box;

/** A figure that is laid out another way where there is less width than its smallest box has, as on a phone held upright. */
interface LaidOutNarrow extends Figure
{
    /** The narrowest box in which it can be read, at zero: usually higher than the smallest one. */
    public function narrowest(): Box;
}
