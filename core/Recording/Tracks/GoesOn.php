<?php

declare(strict_types=1);

namespace Daybright\Recording\Tracks;

use Daybright\Recording\Event;

/** A track on which something may be going on in the middle of a take that does not go on in one recorded from there. */
interface GoesOn extends Track
{
    /**
     * @param  list<Event>  $events in the order of time
     * @return list<array<string, mixed>> events, without their time, that end what is going on after them
     */
    public static function ending(array $events): array;
}
