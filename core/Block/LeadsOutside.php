<?php

declare(strict_types=1);

namespace Daybright\Block;

use Daybright\Block\Link\OutsideLink;

/** A block that leads to something outside the lesson. Nothing is fetched from there. */
interface LeadsOutside
{
    public function link(): OutsideLink;
}
