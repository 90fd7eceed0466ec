<?php

declare(strict_types=1);

namespace Daybright\Recording\Tracks\Footage;

use Daybright\Lesson\Fields;
use Daybright\Lesson\Lesson;
use Daybright\Lesson\Slide;
use Daybright\Recording\Event;
use Daybright\Recording\Tracks\GoesOn;
use Daybright\Recording\Tracks\Interval;
use Daybright\Recording\Tracks\Movable;
use Daybright\Recording\Tracks\Run;
use Daybright\Recording\Tracks\SegmentEvents;

/**
 * The camera beside the slide or in its place, windows and clips in its place. What is filmed begins with “footage”, and is seen from
 * “shown” on; a clip is seen from “clip” on.
 */
final class Footage implements GoesOn, Movable
{
    public static function name(): string
    {
        return 'footage';
    }

    public static function events(): array
    {
        return ['footage', 'shown', 'clip'];
    }

    public static function mark(Event $event, array $after, Slide $slide): string
    {
        if ($event->kind !== 'clip') {
            return '';
        }

        return $event->data->flag('plays') ? 'The clip plays' : 'The clip is over';
    }

    public static function ending(array $events): array
    {
        $seen = [];
        foreach ($events as $event) {
            if ($event->kind === 'shown') {
                $id = $event->data->text('footage');
                $isSeen = $event->data->text('place') !== Place::Away->value;
                $seen[$id] = $isSeen ? ['kind' => 'shown', 'footage' => $id, 'place' => Place::Away->value] : null;
            } elseif ($event->kind === 'clip') {
                $ends = ['kind' => 'clip', 'block' => $event->data->text('block'), 'plays' => false];
                $seen['clip'] = $event->data->flag('plays') ? $ends : null;
            }
        }

        return array_values(array_filter($seen));
    }

    public static function intervals(SegmentEvents $events): array
    {
        $known = $starts = [];
        foreach ($events->of('footage') as $event) {
            $known[$event->data->text('footage')] = $event->data;
        }
        foreach ($events->of('shown') as $event) {
            $footage = $known[$event->data->text('footage')] ?? null;
            $place = Place::tryFrom($event->data->text('place'));
            if ($footage !== null) {
                $isAway = $place === null || $place === Place::Away;
                $starts[$footage->text('source')][] = [$event->at, $isAway ? null : [$event->slide->id, $place, $footage, $events->begins]];
            }
        }
        $runs = array_map(static fn (array $run): array => Run::intervals($run, $events->ends, self::filmed(...)), $starts);
        $intervals = array_merge(PlayedClips::intervals($events), ...array_values($runs));
        usort($intervals, static fn (Interval $one, Interval $other): int => $one->from <=> $other->from);

        return $intervals;
    }

    /** @param  array{string, Place, Fields, float}  $seen slide, place, the event that began it, and where its take begins */
    private static function filmed(float $from, float $to, array $seen): Filmed
    {
        [$slide, $place, $footage, $begins] = $seen;

        return new Filmed(
            $from,
            $to,
            $slide,
            $footage->text('footage'),
            Source::tryFrom($footage->text('source')) ?? Source::Camera,
            $place,
            $begins,
            trim($footage->text('description', '')),
        );
    }

    public static function read(Fields $interval): Interval
    {
        return Filmed::read($interval);
    }

    public static function words(Interval $interval, Lesson $lesson): string
    {
        return match (true) {
            ! $interval instanceof Filmed => '',
            $interval->source === Source::Window => rtrim("shows a window: {$interval->description}", ': '),
            $interval->source === Source::Clip => rtrim("shows a film: {$interval->description}", ': '),
            $interval->place === Place::Whole => 'shows it to the camera',
            default => '',
        };
    }
}
