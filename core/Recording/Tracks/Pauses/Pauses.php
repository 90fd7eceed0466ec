<?php

declare(strict_types=1);

namespace Daybright\Recording\Tracks\Pauses;

use Daybright\Lesson\Fields;
use Daybright\Lesson\Lesson;
use Daybright\Recording\Clock;
use Daybright\Recording\InvalidRecording;
use Daybright\Recording\SampleRange;
use Daybright\Recording\Tracks\Interval;
use Daybright\Recording\Tracks\SegmentEvents;
use Daybright\Recording\Tracks\ShortensTake;

/** While the teacher paused the recording nothing is kept of it: on the timeline a pause takes no time. */
final class Pauses implements ShortensTake
{
    public static function name(): string
    {
        return 'pauses';
    }

    public static function events(): array
    {
        return ['pause', 'resume'];
    }

    public static function intervals(SegmentEvents $events): array
    {
        return [];
    }

    public static function read(Fields $interval): Interval
    {
        throw InvalidRecording::takesNoTime(self::name());
    }

    public static function words(Interval $interval, Lesson $lesson): string
    {
        return '';
    }

    public static function leftOut(array $events, int $length): array
    {
        $pauses = [];
        $from = null;
        foreach ($events as $event) {
            if ($event->kind === 'pause') {
                $from ??= Clock::samples($event->at);
            } elseif ($event->kind === 'resume' && $from !== null) {
                $to = min($length, Clock::samples($event->at));
                if ($to > $from) {
                    $pauses[] = new SampleRange($from, $to);
                }
                $from = null;
            }
        }
        if ($from !== null && $from < $length) {
            $pauses[] = new SampleRange($from, $length);
        }

        return $pauses;
    }
}
