<?php

declare(strict_types=1);

namespace Daybright\Recording\Tracks;

use Daybright\Deck\PageMapping;

/** An interval of something that is drawn over the wide page of a slide. */
interface DrawnOver
{
    /** The same on another page; null where it has no place there, so that the wide page has to be shown. */
    public function onPage(PageMapping $pages): ?Interval;
}
