<?php

declare(strict_types=1);

namespace Daybright\Recording\Tracks\Ink;

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

/** Pen and marker on the slide. Ink belongs to the take: it is gone when the next slide begins. */
final class Ink implements Movable, PaintsFrames
{
    public static function name(): string
    {
        return 'ink';
    }

    public static function events(): array
    {
        return ['ink', 'wipe', 'takeback'];
    }

    public static function mark(Event $event, array $after, Slide $slide): string
    {
        return match ($event->kind) {
            'ink' => self::isTakenBack($after) ? '' : 'Drawn',
            'wipe' => 'Ink wiped off',
            default => '',
        };
    }

    /**
     * A stroke and its taking back stay together.
     *
     * @param  list<Event>  $after it
     */
    private static function isTakenBack(array $after): bool
    {
        $strokes = 1;
        foreach ($after as $event) {
            if ($event->kind === 'wipe') {
                return false;
            }
            $strokes += ['ink' => 1, 'takeback' => -1][$event->kind] ?? 0;
            if ($strokes === 0) {
                return true;
            }
        }

        return false;
    }

    public static function intervals(SegmentEvents $events): array
    {
        $strokes = [];
        $gone = self::gone($events);
        foreach ($events->of('ink') as $number => $event) {
            $start = $event->data->number('at');
            $points = array_map(
                static fn (array $point): array => [round($events->place($start + $point[0]) - $event->at, 1), $point[1], $point[2]],
                Stroke::points($event->data),
            );
            $strokes[] = new Stroke(
                $event->at,
                $gone[$number],
                $event->slide->id,
                $event->data->text('tool'),
                $event->data->text('colour'),
                $event->data->number('width'),
                $points,
            );
        }

        return $strokes;
    }

    /** @return list<float> when each stroke goes: it is taken back, wiped with all others of its slide, or the take is over */
    private static function gone(SegmentEvents $events): array
    {
        $gone = $left = [];
        foreach ($events->of('ink', 'wipe', 'takeback') as $event) {
            $slide = $event->slide->id;
            if ($event->kind === 'ink') {
                $left[$slide][] = count($gone);
                $gone[] = $events->ends;

                continue;
            }
            $taken = $event->kind === 'wipe' ? $left[$slide] ?? [] : array_slice($left[$slide] ?? [], -1);
            foreach ($taken as $stroke) {
                $gone[$stroke] = $event->at;
            }
            $left[$slide] = array_values(array_diff($left[$slide] ?? [], $taken));
        }

        return array_values($gone);
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
