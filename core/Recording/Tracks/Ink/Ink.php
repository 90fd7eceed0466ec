<?php

declare(strict_types=1);

namespace Daybright\Recording\Tracks\Ink;

use Daybright\Lesson\Fields;
use Daybright\Lesson\Lesson;
use Daybright\Recording\Frames\FramePainter;
use Daybright\Recording\Frames\FrameSize;
use Daybright\Recording\Tracks\Interval;
use Daybright\Recording\Tracks\PaintsFrames;
use Daybright\Recording\Tracks\PlacedEvent;
use Daybright\Recording\Tracks\SegmentEvents;

/** Pen and marker on the slide. Ink belongs to the take: it is gone when the next slide begins. */
final class Ink implements PaintsFrames
{
    public static function name(): string
    {
        return 'ink';
    }

    public static function events(): array
    {
        return ['ink', 'wipe'];
    }

    public static function intervals(SegmentEvents $events): array
    {
        $strokes = [];
        foreach ($events->of('ink') as $event) {
            $start = $event->data->number('at');
            $points = array_map(
                static fn (array $point): array => [round($events->place($start + $point[0]) - $event->at, 1), $point[1], $point[2]],
                Stroke::points($event->data),
            );
            $strokes[] = new Stroke(
                $event->at,
                self::wiped($events, $event),
                $event->slide->id,
                $event->data->text('tool'),
                $event->data->text('colour'),
                $event->data->number('width'),
                $points,
            );
        }

        return $strokes;
    }

    /** The first wipe of the same slide after a stroke, or the end of the take. */
    private static function wiped(SegmentEvents $events, PlacedEvent $stroke): float
    {
        $isAfter = false;
        foreach ($events->of('ink', 'wipe') as $event) {
            if ($isAfter && $event->kind === 'wipe' && $event->slide === $stroke->slide) {
                return $event->at;
            }
            $isAfter = $isAfter || $event === $stroke;
        }

        return $events->ends;
    }

    public static function read(Fields $interval): Interval
    {
        return Stroke::read($interval);
    }

    public static function words(Interval $interval, Lesson $lesson): string
    {
        return 'draws on the slide';
    }

    public static function painter(array $intervals, FrameSize $size): FramePainter
    {
        return new InkPainter(
            array_values(array_filter($intervals, static fn (Interval $interval): bool => $interval instanceof Stroke)),
            $size,
        );
    }
}
