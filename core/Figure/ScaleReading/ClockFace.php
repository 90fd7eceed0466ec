<?php

declare(strict_types=1);

namespace Daybright\Figure\ScaleReading;

use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;

/** A clock with twelve numbers; the hour hand moves on with the minutes. */
final readonly class ClockFace
{
    public function __construct(private ScaleReading $figure, private Box $box, private RenderContext $context)
    {
    }

    /** @return array<string, list<Shape>> */
    public function pieces(): array
    {
        $style = new TextStyle(40, $this->context->strong, true);
        $written = ScaleReading::time($this->figure->reading->toInt());
        $radius = min($this->box->height / 2 - 6, ($this->box->width - $this->context->type->width($written, $style) - 60) / 2);
        [$x, $y] = [$this->box->x + $radius + 10, $this->box->middleY()];
        $at = static fn (float $degrees, float $share): array => [
            $x + $radius * $share * sin(deg2rad($degrees)),
            $y - $radius * $share * cos(deg2rad($degrees)),
        ];
        $shapes = [Shape::circle($x, $y, $radius, Paint::outlined(Paint::INK, 5, '#FFFFFF'))];
        for ($minute = 0; $minute < 60; $minute++) {
            $isHour = $minute % 5 === 0;
            $shapes[] = Shape::polyline(
                [$at($minute * 6, $isHour ? 0.9 : 0.94), $at($minute * 6, 0.98)],
                Paint::outlined(Paint::INK, $isHour ? 4 : 2),
            );
        }
        $minutes = $this->figure->reading->toFloat();
        $shapes[] = Shape::polyline([[$x, $y], $at($minutes / 2, 0.5)], Paint::outlined(Paint::INK, 12));
        $shapes[] = Shape::polyline([[$x, $y], $at($minutes * 6, 0.84)], Paint::outlined($this->context->strong, 7));
        $shapes[] = Shape::circle($x, $y, 11, Paint::filled(Paint::INK));
        // The numbers stand over the hands, so that each can be read.
        for ($hour = 1; $hour <= 12; $hour++) {
            [$left, $top] = $at($hour * 30, 0.76);
            $shapes[] = $this->context->type->label(
                (string) $hour,
                $left,
                $top + 11,
                new TextStyle(max(28.0, min(44.0, $radius * 0.17)), Paint::INK, true, 0.5),
            );
        }

        return ['scale' => $shapes, 'answer' => [$this->context->type->label($written, $x + $radius + 36, $y + 14, $style)]];
    }
}
