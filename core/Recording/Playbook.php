<?php

declare(strict_types=1);

namespace Daybright\Recording;

use Closure;
use Daybright\Lesson\Fields;
use Daybright\Lesson\Lesson;
use Daybright\Lesson\Slide;

/**
 * What is seen at every moment of the programme, on the narration clock in milliseconds: pictures, ink strokes and the pointer.
 *
 * The student's page and the video both follow it.
 */
final readonly class Playbook
{
    /**
     * @param  list<array{at: float, slide: string, step: int}>  $pictures
     * @param  list<array{at: float, until: float|null, slide: string, tool: string, colour: string, width: float, points: list<array{float, float, float}>}>  $strokes points are [ms after at, x, y] in slide units
     * @param  list<array{at: float, x: float|null, y: float|null}>  $pointer null where it leaves the slide
     */
    private function __construct(public array $pictures, public array $strokes, public array $pointer)
    {
    }

    public static function of(Lesson $lesson, Programme $programme): self
    {
        $pictures = $strokes = $pointer = [];
        foreach ($programme->segments as $segment) {
            $told = self::segment($lesson, $segment);
            array_push($pictures, ...$told->pictures);
            array_push($strokes, ...$told->strokes);
            array_push($pointer, ...$told->pointer);
        }

        return new self($pictures, $strokes, $pointer);
    }

    private static function segment(Lesson $lesson, Segment $segment): self
    {
        $at = static fn (float $milliseconds): float => round(Clock::milliseconds($segment->starts + $segment->heard->place(Clock::samples($milliseconds))), 3);
        $pictures = [['at' => $at(0), 'slide' => $segment->slide->id, 'step' => 0]];
        $strokes = [];
        $pointer = [['at' => $at(0), 'x' => null, 'y' => null]];
        $home = 0;
        $away = null;
        foreach ($segment->take->events as $event) {
            $here = $away ?? $segment->slide;
            if ($event->kind === 'step' && $here->hasStep($event->data->text('step'))) {
                $step = $here->stepNumber($event->data->text('step'));
                $home = $away === null ? $step : $home;
                $pictures[] = ['at' => $at($event->at), 'slide' => $here->id, 'step' => $step];
            } elseif ($event->kind === 'visit') {
                $away = $lesson->slide($event->data->text('slide'));
                if ($away !== null) {
                    $pictures[] = ['at' => $at($event->at), 'slide' => $away->id, 'step' => count($away->steps) - 1];
                }
            } elseif ($event->kind === 'return') {
                $away = null;
                $pictures[] = ['at' => $at($event->at), 'slide' => $segment->slide->id, 'step' => $home];
            } elseif ($event->kind === 'ink') {
                $strokes[] = self::stroke($event, $here, $at);
            } elseif ($event->kind === 'wipe') {
                foreach ($strokes as $index => $stroke) {
                    if ($stroke['slide'] === $here->id) {
                        $strokes[$index]['until'] ??= $at($event->at);
                    }
                }
            } elseif ($event->kind === 'point') {
                $pointer[] = ['at' => $at($event->at), 'x' => $event->data->optionalNumber('x'), 'y' => $event->data->optionalNumber('y')];
            }
        }
        // Ink belongs to the take: it is gone when the next slide begins.
        $ends = round(Clock::milliseconds($segment->ends()), 3);
        foreach ($strokes as $index => $stroke) {
            $strokes[$index]['until'] ??= $ends;
        }

        return new self($pictures, $strokes, $pointer);
    }

    /**
     * @param  Closure(float): float  $at
     * @return array{at: float, until: float|null, slide: string, tool: string, colour: string, width: float, points: list<array{float, float, float}>}
     */
    private static function stroke(Event $event, Slide $slide, Closure $at): array
    {
        $points = [];
        $starts = $at($event->at);
        foreach ($event->data->list('points') as $point) {
            $values = self::numbers($point);
            $points[] = [round($at($event->at + $values[0]) - $starts, 1), $values[1], $values[2]];
        }

        return ['at' => $starts, 'until' => null, 'slide' => $slide->id, 'tool' => $event->data->text('tool'), 'colour' => $event->data->text('colour'), 'width' => $event->data->number('width'), 'points' => $points];
    }

    /** @return array{float, float, float} */
    private static function numbers(Fields $point): array
    {
        return [$point->number('0'), $point->number('1'), $point->number('2')];
    }
}
