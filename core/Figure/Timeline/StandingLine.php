<?php

declare(strict_types=1);

namespace Daybright\Figure\Timeline;

use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\SetText;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;

/**
 * The line from top to bottom, to scale; what happened stands beside it in order, tied to its place. For narrow boxes and crowded
 * years.
 */
final readonly class StandingLine
{
    private const TIE = 90.0;

    private Spacing $spacing;

    /** @var list<SetText> */
    private array $labels;

    public function __construct(private Timeline $timeline, private Box $box, private RenderContext $context)
    {
        $this->spacing = new Spacing($timeline);
        $room = $box->width - self::TIE - 40;
        $each = ($box->height - 8) / count($timeline->events);
        $this->labels = array_map(
            static fn (Event $event): SetText => $context->type->fit(
                "*{$event->written()}* {$event->label}",
                $room,
                $each,
                new TextStyle(32, Paint::INK, false, 0, 1.2),
            ),
            $timeline->events,
        );
    }

    /** @return array<string, list<Shape>> */
    public function pieces(): array
    {
        $x = $this->box->x + 24;
        [$top, $bottom] = [$this->box->y + 18, $this->box->bottom() - 18];
        $pieces = ['line' => [
            Shape::polyline([[$x, $this->box->y], [$x, $this->box->bottom()]], Paint::outlined(Paint::INK, 5)),
            ...$this->breakMark($x, $top, $bottom),
        ]];
        $tops = $this->places($top, $bottom);
        foreach ($this->timeline->events as $number => $event) {
            $y = $top + ($bottom - $top) * $this->spacing->at($event->from);
            $label = $this->labels[$number];
            $middle = $tops[$number] + min($label->height(), 38.0) / 2;
            $shapes = [Shape::polyline(
                [[$x, $y], [$x + self::TIE * 0.4, $y], [$x + self::TIE * 0.75, $middle], [$x + self::TIE, $middle]],
                Paint::outlined($this->context->strong, 3),
            )];
            if ($event->to !== null) {
                $end = $top + ($bottom - $top) * $this->spacing->at($event->to);
                $shapes[] = Shape::rectangle(
                    new Box($x - 11, $y, 22, max(8.0, $end - $y)),
                    Paint::outlined($this->context->strong, 3, $this->context->tint),
                );
            }
            $shapes[] = Shape::circle($x, $y, 10, Paint::outlined('#FFFFFF', 3, $this->context->strong));
            $pieces['event-'.($number + 1)] = [...$shapes, ...$label->shapes($x + self::TIE + 10, $tops[$number])];
        }

        return $pieces;
    }

    /**
     * Each label as near to its place as those before and after it allow.
     *
     * @return list<float> where each begins
     */
    private function places(float $top, float $bottom): array
    {
        $places = [];
        $free = $this->box->y;
        foreach ($this->timeline->events as $number => $event) {
            $wanted = $top + ($bottom - $top) * $this->spacing->at($event->from) - 18;
            $places[] = max($free, $wanted);
            $free = $places[$number] + $this->labels[$number]->height() + 2;
        }
        $limit = $this->box->bottom();
        for ($number = count($places) - 1; $number >= 0; $number--) {
            $places[$number] = min($places[$number], $limit - $this->labels[$number]->height());
            $limit = $places[$number] - 2;
        }

        return array_values($places);
    }

    /** @return list<Shape> */
    private function breakMark(float $x, float $top, float $bottom): array
    {
        if ($this->spacing->breakAfter() === null) {
            return [];
        }
        $y = $top + ($bottom - $top) * $this->spacing->breakAt();

        return [
            Shape::rectangle(new Box($x - 5, $y - 9, 10, 18), Paint::filled('#FFFEFB')),
            Shape::polyline([[$x - 18, $y - 4], [$x + 18, $y - 16]], Paint::outlined(Paint::INK, 4)),
            Shape::polyline([[$x - 18, $y + 16], [$x + 18, $y + 4]], Paint::outlined(Paint::INK, 4)),
        ];
    }
}
