<?php

declare(strict_types=1);

namespace Daybright\Recording\Tracks\Layouts;

use Daybright\Lesson\Fields;
use Daybright\Lesson\Lesson;
use Daybright\Recording\Tracks\Interval;
use Daybright\Recording\Tracks\SegmentEvents;
use Daybright\Recording\Tracks\Track;

/** How slides were composed when they were recorded. A release has followed them, and keeps none. */
final class Layouts implements Track
{
    public static function name(): string
    {
        return 'layouts';
    }

    public static function events(): array
    {
        return ['layout'];
    }

    public static function intervals(SegmentEvents $events): array
    {
        return array_map(static fn ($event): Interval => new Layout(
            $event->at,
            $events->ends,
            $event->data->text('slide'),
            Layout::boxes($event->data->fields('boxes')),
        ), $events->of('layout'));
    }

    public static function read(Fields $interval): Interval
    {
        return Layout::read($interval);
    }

    public static function words(Interval $interval, Lesson $lesson): string
    {
        return '';
    }
}
