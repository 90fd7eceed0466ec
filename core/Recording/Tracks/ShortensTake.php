<?php

declare(strict_types=1);

namespace Daybright\Recording\Tracks;

use Daybright\Recording\Event;
use Daybright\Recording\SampleRange;

/** A track whose events leave something out of the take. */
interface ShortensTake extends Track
{
    /**
     * @param  list<Event>  $events of the take, in the order of time
     * @param  int  $length of the take in samples
     * @return list<SampleRange> what is left out
     */
    public static function leftOut(array $events, int $length): array;
}
