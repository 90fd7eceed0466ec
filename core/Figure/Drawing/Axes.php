<?php

declare(strict_types=1);

namespace Daybright\Figure\Drawing;

use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;

/** A pair of axes on squared paper: numbers along the edges, the axes themselves where zero is. */
final readonly class Axes
{
    private const SIZE = 28.0;

    /** @param  list<Shape>  $shapes */
    private function __construct(public Scale $across, public Scale $up, public Box $plot, public array $shapes)
    {
    }

    /**
     * @param  array{float, float}  $across least and most value
     * @param  array{float, float}  $up
     * @param  string  $acrossTitle written under the end of the axis; may be empty
     * @param  string  $upTitle written above it
     * @param  bool  $snug whether the axes end exactly at the values given
     * @param  bool  $numbered whether the axis across carries numbers (bars carry names instead)
     * @param  float  $leastStep of the numbers across
     */
    public static function in(
        Box $box,
        RenderContext $context,
        array $across,
        array $up,
        string $acrossTitle = '',
        string $upTitle = '',
        bool $snug = false,
        bool $numbered = true,
        float $leastStep = 0,
    ): self {
        $top = $box->y + ($upTitle === '' ? self::SIZE * 0.5 : self::SIZE * 1.5);
        $bottom = $box->bottom() - ($numbered ? self::SIZE * 1.4 : 4) - ($acrossTitle === '' ? 0 : self::SIZE * 1.25);
        $upScale = $snug
            ? Scale::exactly($up[0], $up[1], self::divisions($bottom - $top, 56), $bottom, $top)
            : Scale::covering($up[0], $up[1], self::divisions($bottom - $top, 56), $bottom, $top);
        $style = new TextStyle(self::SIZE, Paint::QUIET, false, 1);
        $widest = max(array_map(
            static fn (float $tick): float => $context->type->width($upScale->written($tick), $style),
            [...$upScale->ticks(), 0.0],
        ));
        $left = $box->x + $widest + 12;
        $right = $box->right() - self::SIZE * 0.8;
        $acrossScale = $snug
            ? Scale::exactly($across[0], $across[1], self::divisions($right - $left, 90), $left, $right)
            : Scale::covering($across[0], $across[1], self::divisions($right - $left, 90), $left, $right, $leastStep);
        $plot = new Box($left, $top, $right - $left, $bottom - $top);
        $shapes = [
            ...self::paper($plot, $acrossScale, $upScale, $numbered),
            ...self::numbers($plot, $box, $acrossScale, $upScale, $context, $numbered),
        ];
        if ($acrossTitle !== '') {
            $shapes[] = self::title($acrossTitle, $right, $box->bottom() - 8, 1, $box->width, $context);
        }
        if ($upTitle !== '') {
            $shapes[] = self::title($upTitle, $box->x, $box->y + self::SIZE * 0.8, 0, $box->width, $context);
        }

        return new self($acrossScale, $upScale, $plot, $shapes);
    }

    /** @return array{float, float} */
    public function point(float $across, float $up): array
    {
        return [$this->across->at($across), $this->up->at($up)];
    }

    /**
     * The parts of a curve that lie inside the plot.
     *
     * @param  list<array{float, float}|null>  $values null where the curve has no value
     * @return list<non-empty-list<array{float, float}>> in slide units
     */
    public function curve(array $values): array
    {
        $pieces = [];
        $piece = [];
        $before = null;
        foreach ($values as $value) {
            $point = $value === null ? null : $this->point(...$value);
            $isInside = $point !== null && $point[1] >= $this->plot->y - 0.01 && $point[1] <= $this->plot->bottom() + 0.01;
            if ($isInside) {
                if ($piece === [] && $before !== null) {
                    $piece[] = $this->edge($point, $before);
                }
                $piece[] = $point;
            } elseif ($piece !== []) {
                if ($point !== null) {
                    $piece[] = $this->edge($piece[count($piece) - 1], $point);
                }
                $pieces[] = $piece;
                $piece = [];
            }
            $before = $point;
        }

        return $piece === [] ? $pieces : [...$pieces, $piece];
    }

    /**
     * Where the way from a point inside to one outside leaves the plot.
     *
     * @param  array{float, float}  $inside
     * @param  array{float, float}  $outside
     * @return array{float, float}
     */
    private function edge(array $inside, array $outside): array
    {
        $limit = $outside[1] < $this->plot->y ? $this->plot->y : $this->plot->bottom();
        $share = abs($outside[1] - $inside[1]) < 1e-9 ? 0.0 : ($limit - $inside[1]) / ($outside[1] - $inside[1]);

        return [$inside[0] + ($outside[0] - $inside[0]) * $share, $limit];
    }

    private static function divisions(float $length, float $each): int
    {
        return max(2, (int) floor($length / $each));
    }

    /** @return list<Shape> */
    private static function paper(Box $plot, Scale $across, Scale $up, bool $numbered): array
    {
        $grid = Paint::outlined(Paint::RULE, 1.5);
        $axis = Paint::outlined(Paint::INK, 3);
        $shapes = [Shape::rectangle($plot, Paint::filled('#FFFFFF'))];
        foreach ($numbered ? $across->ticks() : [] as $tick) {
            $shapes[] = Shape::polyline([[$across->at($tick), $plot->y], [$across->at($tick), $plot->bottom()]], $grid);
        }
        foreach ($up->ticks() as $tick) {
            $shapes[] = Shape::polyline([[$plot->x, $up->at($tick)], [$plot->right(), $up->at($tick)]], $grid);
        }
        $zeroAcross = $across->at(max($across->least, min(0.0, $across->most)));
        $zeroUp = $up->at(max($up->least, min(0.0, $up->most)));

        return [...$shapes,
            Shape::polyline([[$zeroAcross, $plot->y], [$zeroAcross, $plot->bottom()]], $axis),
            Shape::polyline([[$plot->x, $zeroUp], [$plot->right(), $zeroUp]], $axis),
        ];
    }

    /** @return list<Shape> */
    private static function numbers(Box $plot, Box $box, Scale $across, Scale $up, RenderContext $context, bool $numbered): array
    {
        $labels = new Labels($box, $context->type);
        $shapes = [];
        foreach ($up->ticks() as $tick) {
            $shapes[] = $labels->optional(
                $up->written($tick),
                $plot->x - 8,
                $up->at($tick) + self::SIZE * 0.28,
                new TextStyle(self::SIZE, Paint::QUIET, false, 1),
            );
        }
        foreach ($numbered ? $across->ticks() : [] as $tick) {
            $shapes[] = $labels->optional(
                $across->written($tick),
                $across->at($tick),
                $plot->bottom() + self::SIZE * 1.12,
                new TextStyle(self::SIZE, Paint::QUIET, false, 0.5),
            );
        }

        return array_values(array_filter($shapes));
    }

    private static function title(string $title, float $x, float $baseline, float $align, float $room, RenderContext $context): Shape
    {
        $style = new TextStyle(self::SIZE, Paint::INK, true, $align);
        while (mb_strlen($title) > 4 && $context->type->width($title, $style) > $room - 40) {
            $title = rtrim(mb_substr($title, 0, -2), ' …').'…';
        }

        return $context->type->label($title, $x, $baseline, $style);
    }
}
