<?php

declare(strict_types=1);

namespace Daybright\Recording\Tracks\Views;

use Daybright\Deck\Format;
use Daybright\Lesson\Fields;
use Daybright\Lesson\Lesson;
use Daybright\Lesson\Slide;
use Daybright\Recording\Event;
use Daybright\Recording\Tracks\Interval;
use Daybright\Recording\Tracks\Movable;
use Daybright\Recording\Tracks\Run;
use Daybright\Recording\Tracks\SegmentEvents;
use Daybright\Scene\Box;

/** A part of the slide that is seen large, until another one is, or all of it. */
final class Views implements Movable
{
    /** What is wider than this, as a share of the page, is all of it. */
    private const WHOLE = 0.98;

    public static function name(): string
    {
        return 'views';
    }

    public static function events(): array
    {
        return ['view'];
    }

    public static function mark(Event $event, array $after, Slide $slide): string
    {
        $isWhole = $event->data->number('width') > self::WHOLE * Format::Wide->page()->width;

        return $isWhole ? 'Seen whole again' : 'Seen larger';
    }

    public static function intervals(SegmentEvents $events): array
    {
        $page = Format::Wide->page();
        $starts = [];
        foreach ($events->of('view', 'visit', 'return') as $event) {
            $width = $event->kind === 'view' ? $event->data->number('width') : INF;
            $isWhole = $width > self::WHOLE * $page->width;
            $starts[] = [$event->at, $isWhole ? null : [
                $event->slide->id,
                View::on($page, $event->data->number('x'), $event->data->number('y'), $width),
            ]];
        }

        return Run::intervals($starts, $events->ends, self::view(...));
    }

    /** @param  array{string, Box}  $seen */
    private static function view(float $from, float $to, array $seen): View
    {
        return new View($from, $to, $seen[0], $seen[1]);
    }

    public static function read(Fields $interval): Interval
    {
        return View::read($interval);
    }

    public static function words(Interval $interval, Lesson $lesson): string
    {
        return 'looks closer';
    }
}
