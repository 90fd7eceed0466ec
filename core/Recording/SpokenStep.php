<?php

declare(strict_types=1);

namespace Daybright\Recording;

use Daybright\Lesson\Slide;

/** A step of a slide with the range of its take in which it is spoken. */
final readonly class SpokenStep
{
    /**
     * @param  int  $number of the step, from 0
     * @param  int  $from and $to in samples of the take
     */
    private function __construct(public int $number, public int $from, public int $to)
    {
    }

    /**
     * When each step was spoken: from its reveal to the next one's. A step that is revealed while another slide is visited belongs to
     * that slide.
     *
     * @return list<self> in the order of time; steps that were never revealed are left out
     */
    public static function locate(Slide $slide, Take $take): array
    {
        $starts = [0 => 0];
        $isAway = false;
        foreach ($take->events as $event) {
            $isAway = match ($event->kind) {
                'visit' => true,
                'return' => false,
                default => $isAway,
            };
            if ($event->kind === 'step' && ! $isAway && $slide->hasStep($event->data->text('step'))) {
                $starts[$slide->stepNumber($event->data->text('step'))] ??= min($take->length, Clock::samples($event->at));
            }
        }
        asort($starts);
        $numbers = array_keys($starts);

        return array_map(
            static fn (int $index, int $number): self => new self(
                $number,
                $starts[$number],
                isset($numbers[$index + 1]) ? $starts[$numbers[$index + 1]] : $take->length,
            ),
            array_keys($numbers),
            $numbers,
        );
    }
}
