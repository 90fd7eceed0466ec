<?php

declare(strict_types=1);

namespace Daybright\Recording\Editing;

use Daybright\Lesson\Fields;
use Daybright\Lesson\Slide;
use Daybright\Recording\Event;
use Daybright\Recording\Tracks\Movable;
use Daybright\Recording\Tracks\Tracks;

/** What can be moved or taken out of what was done in a take. */
final class WaveMarks
{
    /** Milliseconds between two acts that are one movement of the hand. */
    private const AT_ONCE = 600.0;

    /**
     * @param  list<array<string, mixed>>  $events as they were recorded
     * @param  array<int, float|null>  $moved as Retiming applies it
     * @return list<WaveMark> in the order in which they were done
     */
    public static function read(Slide $slide, array $events, array $moved): array
    {
        $marks = [];
        $last = null;
        $read = array_map(static fn (array $event): Event => Event::from(new Fields($event)), $events);
        foreach ($read as $number => $event) {
            $track = Tracks::ofEvent($event->kind);
            $after = static fn (): array => array_slice($read, $number + 1);
            $label = $track !== null && is_a($track, Movable::class, true) ? $track::mark($event, $after(), $slide) : '';
            if ($track === null || $label === '') {
                continue;
            }
            $isOut = array_key_exists($number, $moved) && $moved[$number] === null;
            $placed = ['number' => $number, 'at' => $moved[$number] ?? $event->at];
            $mark = new WaveMark([$placed], $track::name(), $label, $isOut);
            $before = array_key_last($marks);
            if ($before !== null && $last !== null && self::isOneMovement($last, $event)) {
                $marks[$before] = new WaveMark([...$marks[$before]->events, $placed], $mark->track, $label, $isOut);
            } else {
                $marks[] = $mark;
            }
            $last = $event;
        }

        return $marks;
    }

    private static function isOneMovement(Event $before, Event $event): bool
    {
        return in_array($event->kind, ['act', 'view'], true)
            && $before->kind === $event->kind
            && $event->at - $before->at <= self::AT_ONCE
            && $before->data->optionalText('block') === $event->data->optionalText('block');
    }
}
