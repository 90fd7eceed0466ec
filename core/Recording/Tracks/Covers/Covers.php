<?php

declare(strict_types=1);

namespace Daybright\Recording\Tracks\Covers;

use Daybright\Lesson\Fields;
use Daybright\Lesson\Lesson;
use Daybright\Lesson\Slide;
use Daybright\Recording\Event;
use Daybright\Recording\Frames\FramePainter;
use Daybright\Recording\Frames\FrameSize;
use Daybright\Recording\Tracks\Interval;
use Daybright\Recording\Tracks\Movable;
use Daybright\Recording\Tracks\PaintsFrames;
use Daybright\Recording\Tracks\SegmentEvents;

/** Patches that hide a part of a slide until they are taken off. They belong to the take, as ink does. */
final class Covers implements Movable, PaintsFrames
{
    public static function name(): string
    {
        return 'covers';
    }

    public static function events(): array
    {
        return ['cover', 'uncover'];
    }

    public static function mark(Event $event, array $after, Slide $slide): string
    {
        return $event->kind === 'cover' ? 'Covered' : 'Uncovered';
    }

    public static function intervals(SegmentEvents $events): array
    {
        $covers = [];
        foreach ($events->of('cover') as $event) {
            $off = $events->ends;
            foreach ($events->of('uncover') as $taken) {
                if ($taken->at >= $event->at && $taken->data->text('cover') === $event->data->text('cover')) {
                    $off = $taken->at;
                    break;
                }
            }
            if ($off > $event->at) {
                $covers[] = new Cover($event->at, $off, $event->slide->id, Cover::box($event->data));
            }
        }

        return $covers;
    }

    public static function read(Fields $interval): Interval
    {
        return Cover::read($interval);
    }

    public static function words(Interval $interval, Lesson $lesson): string
    {
        return 'covers a part of the slide';
    }

    public static function painter(array $intervals, FrameSize $size): FramePainter
    {
        return new CoverPainter(
            array_values(array_filter($intervals, static fn (Interval $interval): bool => $interval instanceof Cover)),
            $size,
        );
    }
}
