<?php

declare(strict_types=1);

namespace Daybright\Figure\ScaleReading;

use Brick\Math\BigRational;
use Daybright\Figure\Drawing\Labels;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;

/** A ruler with a strip laid along it from its start. */
final readonly class Ruler
{
    private const SIZE = 30.0;

    private Box $wood;

    public function __construct(private ScaleReading $figure, private Box $box, private RenderContext $context)
    {
        $this->wood = new Box($box->x + 4, $box->middleY() - 10, $box->width - 8, 110);
    }

    /** @return array<string, list<Shape>> */
    public function pieces(): array
    {
        $labels = new Labels($this->box, $this->context->type);
        $end = $this->at($this->figure->reading);
        $start = $this->at($this->figure->from);
        $strip = new Box($start, $this->wood->y - 46, max(2.0, $end - $start), 40);
        $next = $this->at($this->figure->from->plus($this->figure->division()));
        $y = $this->wood->bottom() + 14;
        $scale = [
            Shape::rectangle($this->wood, Paint::outlined(Paint::INK, 3, '#FBF3D9'), 6),
            Shape::rectangle($strip, Paint::outlined(Paint::INK, 3, $this->context->tint)),
            ...$this->ticks($labels),
        ];
        $dashed = Shape::polyline(
            [[$end, $strip->y], [$end, $this->wood->y + 30]],
            Paint::outlined($this->context->strong, 3, 'none', '8 6'),
        );

        return [
            'scale' => $scale,
            'division' => [
                Shape::polyline([[$start, $y - 8], [$start, $y], [$next, $y], [$next, $y - 8]], Paint::outlined($this->context->strong, 4)),
                ...$labels->near(
                    '1 division = '.$this->figure->in($this->figure->division())->written(),
                    $start,
                    $y,
                    new TextStyle(28, $this->context->strong, true),
                    10,
                    -45,
                ),
            ],
            'answer' => [
                $dashed,
                ...$labels->near(
                    $this->figure->in($this->figure->reading)->written(),
                    $end,
                    $strip->y,
                    new TextStyle(self::SIZE + 2, $this->context->strong, true),
                    10,
                    90,
                ),
            ],
        ];
    }

    private function at(BigRational $value): float
    {
        $share = $value->minus($this->figure->from)->dividedBy($this->figure->to->minus($this->figure->from))->toFloat();

        return $this->wood->x + 36 + ($this->wood->width - 72) * $share;
    }

    /** @return list<Shape> */
    private function ticks(Labels $labels): array
    {
        $shapes = [];
        for ($tick = 0; $tick <= $this->figure->labels * $this->figure->perLabel; $tick++) {
            $value = $this->figure->from->plus($this->figure->division()->multipliedBy($tick));
            $x = $this->at($value);
            $isNumbered = $tick % $this->figure->perLabel === 0;
            $shapes[] = Shape::polyline(
                [[$x, $this->wood->y], [$x, $this->wood->y + ($isNumbered ? 44 : 26)]],
                Paint::outlined(Paint::INK, $isNumbered ? 3 : 2),
            );
            if ($isNumbered) {
                $shapes[] = $labels->optional(
                    $this->figure->in($value)->number(),
                    $x,
                    $this->wood->y + 46 + self::SIZE * 0.85,
                    new TextStyle(self::SIZE, Paint::INK, false, 0.5),
                );
            }
        }
        $shapes[] = $labels->optional(
            $this->figure->unit->symbol(),
            $this->wood->right() - 14,
            $this->wood->bottom() - 10,
            new TextStyle(28, Paint::QUIET, false, 1),
        );

        return array_values(array_filter($shapes));
    }
}
