<?php

declare(strict_types=1);

namespace Daybright\Figure\PolarGraph;

use Daybright\Figure\Drawing\Labels;
use Daybright\Figure\Drawing\Scale;
use Daybright\Figure\FunctionGraph\Curve;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;

/** Circles for r, rays every thirty degrees, and the curve in four quarter turns, where r is negative with dashes. */
final readonly class PolarDrawing
{
    private float $x;

    private float $y;

    private float $radius;

    private Scale $scale;

    private Labels $labels;

    public function __construct(private PolarCurve $curve, Box $box, private RenderContext $context)
    {
        $this->radius = min($box->width / 2 - 74, $box->height / 2 - 44);
        [$this->x, $this->y] = [$box->middleX(), $box->middleY()];
        $this->scale = Scale::covering(0, $curve->largest(), 4, 0, $this->radius);
        $this->labels = new Labels($box, $context->type);
    }

    /** @return array<string, list<Shape>> */
    public function pieces(): array
    {
        $grid = $this->grid();
        $this->labels->keepClearOfLine($this->x - $this->radius, $this->y, $this->x + $this->radius, $this->y);
        $this->labels->keepClearOfLine($this->x, $this->y - $this->radius, $this->x, $this->y + $this->radius);
        $turns = array_map($this->turn(...), [0, 90, 180, 270]);
        for ($degrees = 0; $degrees < 360; $degrees += 3) {
            [$one, $other] = [$this->place($degrees), $this->place($degrees + 3)];
            if ($one !== null && $other !== null) {
                $this->labels->keepClearOfLine($one[0], $one[1], $other[0], $other[1]);
            }
        }

        return [
            'grid' => [...$grid, ...$this->numbers()],
            'turn-1' => $turns[0],
            'turn-2' => $turns[1],
            'turn-3' => $turns[2],
            'turn-4' => $turns[3],
            'points' => $this->points(),
        ];
    }

    /** @return list<Shape> */
    private function grid(): array
    {
        $shapes = [];
        foreach (array_slice($this->scale->ticks(), 1) as $tick) {
            $shapes[] = Shape::circle($this->x, $this->y, $this->scale->at($tick), Paint::outlined(Paint::RULE, 2));
        }
        for ($degrees = 0; $degrees < 360; $degrees += 30) {
            $end = [$this->x + $this->radius * cos(deg2rad($degrees)), $this->y - $this->radius * sin(deg2rad($degrees))];
            $shapes[] = Shape::polyline([[$this->x, $this->y], $end], Paint::outlined($degrees % 90 === 0 ? Paint::INK : Paint::RULE, 2));
            if ($degrees % 90 === 0) {
                $out = [$this->x + ($this->radius + 12) * cos(deg2rad($degrees)), $this->y - ($this->radius + 12) * sin(deg2rad($degrees))];
                $align = $degrees === 0 ? 0.0 : ($degrees === 180 ? 1.0 : 0.5);
                $baseline = match ($degrees) {
                    90 => $out[1], 270 => $out[1] + 22, default => $out[1] + 10
                };
                $shapes[] = $this->labels->fixed("{$degrees}°", $out[0], $baseline, new TextStyle(28, Paint::QUIET, false, $align));
            }
        }

        return $shapes;
    }

    /**
     * The numbers of the circles stand under the polar axis, where the curve leaves room.
     *
     * @return list<Shape>
     */
    private function numbers(): array
    {
        $shapes = [];
        foreach (array_reverse(array_slice($this->scale->ticks(), 1)) as $tick) {
            $shapes[] = $this->labels->optional(
                $this->scale->written($tick),
                $this->x + $this->scale->at($tick) - 6,
                $this->y + 34,
                new TextStyle(28, Paint::QUIET, false, 1),
            );
        }

        return array_values(array_filter($shapes));
    }

    /** @return list<Shape> */
    private function turn(int $from): array
    {
        $shapes = [];
        $piece = [];
        $isNegative = $this->curve->at($from + 0.5) < 0;
        for ($degrees = (float) $from; $degrees <= $from + 90; $degrees++) {
            $place = $this->place($degrees);
            $turnsOver = $this->curve->at($degrees + 0.5) < 0 !== $isNegative;
            if ($place !== null) {
                $piece[] = $place;
            }
            if (($place === null || $turnsOver || $degrees >= $from + 90) && count($piece) > 1) {
                $shapes[] = Shape::polyline($piece, Paint::outlined($this->context->strong, 5, 'none', $isNegative ? '12 9' : ''));
                $piece = $place === null ? [] : [$place];
            }
            $isNegative = $this->curve->at($degrees + 0.5) < 0;
        }

        return $shapes;
    }

    /** @return list<Shape> */
    private function points(): array
    {
        $shapes = [Shape::circle($this->x, $this->y, 8, Paint::filled(Paint::INK))];
        $seen = [];
        foreach ([0, 90, 180, 270] as $degrees) {
            $place = $this->place($degrees);
            if ($place === null || isset($seen[$key = round($place[0]).' '.round($place[1])])) {
                continue;
            }
            $seen[$key] = true;
            $shapes[] = Shape::circle($place[0], $place[1], 9, Paint::outlined('#FFFFFF', 2, $this->context->strong));
            array_push(
                $shapes,
                ...$this->labels->near(
                    'r = '.Curve::quantity($this->curve->at($degrees))->rounded()->number(),
                    $place[0],
                    $place[1],
                    new TextStyle(28, $this->context->strong, true),
                    14,
                    $degrees + 45,
                ),
            );
        }

        return $shapes;
    }

    /** @return array{float, float}|null */
    private function place(float $degrees): ?array
    {
        $point = $this->curve->point($degrees);
        $unit = $this->scale->perUnit();

        return $point === null ? null : [$this->x + $point[0] * $unit, $this->y - $point[1] * $unit];
    }
}
