<?php

declare(strict_types=1);

namespace Daybright\Ready\Rules;

use Daybright\Block\Blocks;
use Daybright\Lesson\MergePatch;
use Daybright\Lesson\Slide;
use Daybright\Ready\Cost;
use Daybright\Ready\Finding;
use Daybright\Ready\LessonInspection;
use Daybright\Ready\LessonRule;
use Daybright\Recording\Take;

/** Something that was done to a live block in a recording, and cannot be done any more since the slide was changed. */
final readonly class ActWithoutSense implements LessonRule
{
    private const MOST_NAMED = 3;

    public function name(): string
    {
        return 'act-without-sense';
    }

    public function cost(): Cost
    {
        return Cost::Misleads;
    }

    public function check(LessonInspection $inspection): array
    {
        $findings = [];
        foreach ($inspection->lesson->mainSlides() as $slide) {
            $take = $inspection->takes[$slide->id] ?? null;
            $times = $take === null ? [] : self::lost($slide, $take);
            if ($times !== []) {
                $named = implode(', ', array_slice($times, 0, self::MOST_NAMED)).(count($times) > self::MOST_NAMED ? ' and later' : '');
                $findings[] = Finding::ofSlide(
                    $this->name(),
                    "What is done on this slide at {$named} of its recording makes no sense any more since the slide was changed, and is left out. "
                        .'Listen to it in the Edit room, and cut it or record the slide again.',
                    $slide->id,
                )->about('acts');
            }
        }

        return $findings;
    }

    /** @return list<string> moments of the take, such as “0:12” */
    private static function lost(Slide $slide, Take $take): array
    {
        $times = $changes = $states = [];
        foreach ($take->events as $event) {
            if ($event->kind === 'act') {
                $id = $event->data->text('block');
                $block = $slide->block($id);
                $before = $changes[$id] ?? [];
                $after = MergePatch::joined($before, $event->data->fields('change')->raw());
                $states[$id] ??= $block === null ? null : Blocks::changed($block, $before);
                $was = $states[$id];
                $is = $block === null ? null : Blocks::changed($block, $after);
                $changes[$id] = $is === null ? $before : $after;
                $states[$id] = $is ?? $was;
                if ($is === null || ($was !== null && Blocks::done($was, $is) === '')) {
                    $times[] = sprintf('%d:%02d', intdiv((int) $event->at, 60_000), intdiv((int) $event->at, 1000) % 60);
                }
            }
        }

        return array_values(array_unique($times));
    }
}
