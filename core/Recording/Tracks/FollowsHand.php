<?php

declare(strict_types=1);

namespace Daybright\Recording\Tracks;

use Daybright\Lesson\Fields;
use Daybright\Lesson\Lesson;
use Daybright\Recording\Event;
use Daybright\Recording\Frames\FramePainter;
use Daybright\Recording\Frames\FrameSize;
use Daybright\Recording\Frames\PassingPainter;

/** A track of one kind of event that is seen where the hand is, and has nothing to say. */
abstract class FollowsHand implements GoesOn, PaintsFrames
{
    public static function events(): array
    {
        return [static::event()];
    }

    public static function ending(array $events): array
    {
        $own = array_filter($events, static fn (Event $event): bool => $event->kind === static::event());
        $last = end($own);

        return $last === false || ! $last->data->has('x') ? [] : [['kind' => static::event(), 'x' => null, 'y' => null]];
    }

    public static function intervals(SegmentEvents $events): array
    {
        return Spot::following($events, static::event());
    }

    public static function read(Fields $interval): Interval
    {
        return Spot::read($interval);
    }

    public static function words(Interval $interval, Lesson $lesson): string
    {
        return '';
    }

    public static function painter(array $intervals, FrameSize $size): FramePainter
    {
        $spots = array_values(array_filter($intervals, static fn (Interval $interval): bool => $interval instanceof Spot));

        return new PassingPainter($spots, static function (string $frame, Spot $spot) use ($size): string {
            static::draw($frame, $spot, $size);

            return $frame;
        });
    }

    /** Kind of its events, each with a place or with null when the hand has gone. */
    abstract protected static function event(): string;

    abstract protected static function draw(string &$frame, Spot $spot, FrameSize $size): void;
}
