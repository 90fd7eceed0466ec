<?php

declare(strict_types=1);

namespace Daybright\Ready\Rules;

use Daybright\Ready\Cost;
use Daybright\Ready\Finding;
use Daybright\Ready\LessonInspection;
use Daybright\Ready\LessonRule;

/** A recording that reveals a step, or goes to a slide, that has been taken out of the lesson since. */
final readonly class TakeShowsMissingStep implements LessonRule
{
    public function name(): string
    {
        return 'take-shows-missing-step';
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
            $missing = [];
            $here = $slide;
            foreach ($take->events ?? [] as $event) {
                $visited = $event->kind === 'visit' ? $inspection->lesson->slide($event->data->text('slide')) : null;
                $missing[] = match ($event->kind) {
                    'step' => ! $here->hasStep($event->data->text('step')),
                    'visit' => $visited === null,
                    default => false,
                };
                $here = match ($event->kind) {
                    'visit' => $visited ?? $here,
                    'return' => $slide,
                    default => $here,
                };
            }
            if (in_array(true, $missing, true)) {
                $findings[] = Finding::ofSlide(
                    $this->name(),
                    'The recording of this slide tells of something that is no longer in the lesson. Listen to it in the Edit room, and cut it or record the slide again.',
                    $slide->id,
                );
            }
        }

        return $findings;
    }
}
