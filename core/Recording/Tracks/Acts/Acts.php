<?php

declare(strict_types=1);

namespace Daybright\Recording\Tracks\Acts;

use Daybright\Lesson\Fields;
use Daybright\Lesson\Lesson;
use Daybright\Lesson\Slide;
use Daybright\Recording\Event;
use Daybright\Recording\Tracks\Interval;
use Daybright\Recording\Tracks\Movable;
use Daybright\Recording\Tracks\SegmentEvents;

/** What is done to live blocks: each stays as an act left it until the next one, or until the slide's take is over. */
final class Acts implements Movable
{
    public static function name(): string
    {
        return 'acts';
    }

    public static function events(): array
    {
        return ['act'];
    }

    public static function mark(Event $event, array $after, Slide $slide): string
    {
        return 'Worked on the slide';
    }

    public static function intervals(SegmentEvents $events): array
    {
        $acts = [];
        $open = [];
        foreach ($events->of('act') as $event) {
            $block = $event->data->text('block');
            $key = "{$event->slide->id} {$block}";
            $last = $open[$key] ?? null;
            if ($last !== null) {
                $acts[$last] = self::until($acts[$last], $event->at);
            }
            $open[$key] = count($acts);
            $acts[] = new Act(
                $event->at,
                $events->ends,
                $event->slide->id,
                $block,
                $event->data->fields('change')->raw(),
                $last === null,
            );
        }

        return array_values($acts);
    }

    public static function read(Fields $interval): Interval
    {
        return Act::read($interval);
    }

    public static function words(Interval $interval, Lesson $lesson): string
    {
        return $interval instanceof Act ? $interval->words : '';
    }

    private static function until(Act $act, float $to): Act
    {
        return new Act($act->from, $to, $act->slide, $act->block, $act->change, $act->isFirst);
    }
}
