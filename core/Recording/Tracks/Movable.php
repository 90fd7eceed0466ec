<?php

declare(strict_types=1);

namespace Daybright\Recording\Tracks;

use Daybright\Lesson\Slide;
use Daybright\Recording\Event;

/** A track whose events can be moved earlier or later afterwards, or taken out. */
interface Movable extends Track
{
    /**
     * @param  list<Event>  $after what is done after it
     * @return string what happens then, such as “Step 2 appears”; empty where the event cannot be moved
     */
    public static function mark(Event $event, array $after, Slide $slide): string;
}
