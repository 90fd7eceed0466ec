<?php

declare(strict_types=1);

namespace Daybright\Recording\Tracks;

use Daybright\Lesson\Fields;
use Daybright\Lesson\Lesson;

/**
 * A kind of thing that happens in a lesson as time goes by. The fragment of the schema of its events stands beside the class.
 */
interface Track
{
    /** In a timeline, such as “ink”. */
    public static function name(): string;

    /** @return non-empty-list<string> kinds of event that are its own */
    public static function events(): array;

    /** @return list<Interval> what its events become on the clock of narration, in the order in which they begin */
    public static function intervals(SegmentEvents $events): array;

    /** An interval as a timeline keeps it. */
    public static function read(Fields $interval): Interval;

    /** What happens, for the transcript; empty where there is nothing to say. */
    public static function words(Interval $interval, Lesson $lesson): string;
}
