<?php

declare(strict_types=1);

namespace Daybright\Recording\Tracks\Steps;

use Daybright\Lesson\Fields;
use Daybright\Lesson\Lesson;
use Daybright\Lesson\Slide;
use Daybright\Recording\Event;
use Daybright\Recording\Tracks\Interval;
use Daybright\Recording\Tracks\Movable;
use Daybright\Recording\Tracks\PlacedEvent;
use Daybright\Recording\Tracks\Run;
use Daybright\Recording\Tracks\SegmentEvents;
use Daybright\Recording\Tracks\ShownSlide;
use Daybright\Recording\Tracks\ShowsSlides;

/** The slides of the lesson, each building up step by step. */
final class Steps implements Movable, ShowsSlides
{
    public static function name(): string
    {
        return 'steps';
    }

    public static function events(): array
    {
        return ['show', 'step'];
    }

    public static function mark(Event $event, array $after, Slide $slide): string
    {
        $step = $event->kind === 'step' ? $event->data->text('step') : '';

        return $slide->hasStep($step) ? sprintf('Step %d appears', $slide->stepNumber($step) + 1) : '';
    }

    public static function intervals(SegmentEvents $events): array
    {
        $slide = $events->slide;
        $revealed = array_filter(
            $events->of('step'),
            static fn (PlacedEvent $event): bool => $event->slide === $slide && $slide->hasStep($event->data->text('step')),
        );
        $starts = [[$events->begins, 0]];
        foreach ($revealed as $event) {
            $starts[] = [$event->at, $slide->stepNumber($event->data->text('step'))];
        }

        return Run::intervals(
            $starts,
            $events->ends,
            static fn (float $from, float $to, int $step): Interval => new ShownSlide($from, $to, $slide->id, $step),
        );
    }

    public static function read(Fields $interval): Interval
    {
        return ShownSlide::read($interval);
    }

    public static function words(Interval $interval, Lesson $lesson): string
    {
        return '';
    }
}
