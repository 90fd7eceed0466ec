<?php

declare(strict_types=1);

namespace Daybright\Recording\Tracks\Visits;

use Daybright\Lesson\Fields;
use Daybright\Lesson\Lesson;
use Daybright\Recording\Tracks\Interval;
use Daybright\Recording\Tracks\Run;
use Daybright\Recording\Tracks\SegmentEvents;
use Daybright\Recording\Tracks\ShownSlide;
use Daybright\Recording\Tracks\ShowsSlides;

/** Another slide that is looked at, whole or building up, and left again. */
final class Visits implements ShowsSlides
{
    public static function name(): string
    {
        return 'visits';
    }

    public static function events(): array
    {
        return ['visit', 'return'];
    }

    public static function intervals(SegmentEvents $events): array
    {
        $starts = [];
        foreach ($events->of('visit', 'return', 'step') as $event) {
            $here = $event->slide;
            if ($event->kind !== 'step') {
                $starts[] = [$event->at, $event->visited === null ? null : [$event->visited->id, count($event->visited->steps) - 1]];
            } elseif ($here !== $events->slide && $here->hasStep($event->data->text('step'))) {
                $starts[] = [$event->at, [$here->id, $here->stepNumber($event->data->text('step'))]];
            }
        }

        return Run::intervals($starts, $events->ends, self::visit(...));
    }

    /** @param  array{string, int}  $shown */
    private static function visit(float $from, float $to, array $shown): ShownSlide
    {
        return new ShownSlide($from, $to, $shown[0], $shown[1]);
    }

    public static function read(Fields $interval): Interval
    {
        return ShownSlide::read($interval);
    }

    public static function words(Interval $interval, Lesson $lesson): string
    {
        $title = $interval instanceof ShownSlide ? (string) $lesson->slide($interval->slide)?->title : '';

        return $title === '' ? 'another slide' : "looks at “{$title}”";
    }
}
