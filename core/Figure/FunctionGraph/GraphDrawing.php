<?php

declare(strict_types=1);

namespace Daybright\Figure\FunctionGraph;

use Daybright\Figure\Drawing\Axes;
use Daybright\Figure\Drawing\Labels;
use Daybright\Figure\Drawing\Series;
use Daybright\Figure\Drawing\Table;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;

/** The curves on squared paper, each with its name and its points. */
final readonly class GraphDrawing
{
    public function __construct(private FunctionGraph $graph, private Box $box, private RenderContext $context)
    {
    }

    /** @return array<string, list<Shape>> */
    public function pieces(): array
    {
        $tableWidth = $this->graph->showsTable ? 140.0 + 90.0 * count($this->graph->curves) : 0.0;
        $room = new Box($this->box->x, $this->box->y, $this->box->width - $tableWidth, $this->box->height);
        $axes = Axes::in($room, $this->context, [$this->graph->from, $this->graph->to], $this->rise(), 'x', 'y');
        $labels = new Labels($axes->plot, $this->context->type);
        foreach ($this->axisLines($axes) as $line) {
            $labels->keepClearOfLine(...$line);
        }
        $pieces = ['axes' => $axes->shapes];
        $paths = array_map(
            fn (Curve $curve): array => $axes->curve($curve->values($this->graph->from, $this->graph->to)),
            $this->graph->curves,
        );
        foreach ($paths as $number => $path) {
            foreach ($path as $piece) {
                for ($point = 4; $point < count($piece); $point += 4) {
                    $labels->keepClearOfLine($piece[$point - 4][0], $piece[$point - 4][1], $piece[$point][0], $piece[$point][1]);
                }
            }
        }
        foreach ($this->graph->curves as $number => $curve) {
            $series = new Series($number, $this->context);
            $pieces['curve-'.($number + 1)] = [
                ...array_map(static fn (array $piece): Shape => Shape::polyline($piece, $series->line()), $paths[$number]),
                ...$this->name($curve, $paths[$number], $series, $labels),
                ...$this->moved($curve, $axes, $series, $labels),
            ];
        }
        foreach ($this->graph->curves as $number => $curve) {
            $pieces['points-'.($number + 1)] = $this->points($curve, $axes, new Series($number, $this->context), $labels);
        }
        if (count($this->graph->curves) > 1) {
            $pieces['crossings'] = $this->marked($this->graph->crossings(), $axes, new Series(0, $this->context), $labels);
        }
        if ($this->graph->showsTable) {
            array_push(
                $pieces['points-1'],
                ...$this->table(new Box($room->right() + 16, $this->box->y, $tableWidth - 18, $this->box->height)),
            );
        }

        return $pieces;
    }

    /**
     * How far up and down the paper must reach: as far as the curves do, but no farther than five times what their points need.
     *
     * @return array{float, float}
     */
    public function rise(): array
    {
        if ($this->graph->paper !== null) {
            return $this->graph->paper;
        }
        $heights = [];
        $needed = [0.0, 1.0, -1.0];
        foreach ($this->graph->curves as $curve) {
            foreach ($curve->values($this->graph->from, $this->graph->to) as $value) {
                if ($value !== null) {
                    $heights[] = $value[1];
                }
            }
            foreach ($curve->turns as $turn) {
                $needed[] = $turn[1];
            }
            if (is_finite($curve->at(0.0))) {
                $needed[] = $curve->at(0.0);
            }
        }
        sort($heights);
        $count = count($heights);
        if ($count === 0) {
            return [-1.0, 1.0];
        }
        // A tenth of the values at either end may run off the paper: a steep branch would flatten all the rest.
        [$low, $high] = [$heights[(int) ($count * 0.1)], $heights[(int) (($count - 1) * 0.9)]];
        $reach = max(1.0, $high - $low);
        $least = max($heights[0], min($low - 0.4 * $reach, ...$needed));
        $most = min($heights[$count - 1], max($high + 0.4 * $reach, ...$needed));

        return [min(0.0, $least), max(0.0, $most, $least + 1e-6)];
    }

    /**
     * @param  list<non-empty-list<array{float, float}>>  $path
     * @return list<Shape>
     */
    private function name(Curve $curve, array $path, Series $series, Labels $labels): array
    {
        if ($path === []) {
            return [];
        }
        $last = $path[count($path) - 1];
        [$x, $y] = $last[(int) (count($last) * 0.85)];
        $style = new TextStyle(28, $series->colour, true);
        [$written] = Table::cut("y = {$curve->written}", $this->box->width * 0.5, $style, $this->context->type);

        return $labels->near($written, $x, $y, $style, 12, 180);
    }

    /**
     * The point that is moved along a curve, with its way to both axes.
     *
     * @return list<Shape>
     */
    private function moved(Curve $curve, Axes $axes, Series $series, Labels $labels): array
    {
        $x = $this->graph->point;
        if ($x === null || ! is_finite($curve->at($x))) {
            return [];
        }
        [$atX, $atY] = $axes->point($x, $curve->at($x));
        [$zeroX, $zeroY] = $axes->point(
            max($axes->across->least, min(0.0, $axes->across->most)),
            max($axes->up->least, min(0.0, $axes->up->most)),
        );

        $edge = max($axes->plot->y, min($atY, $axes->plot->bottom()));
        if ($edge !== $atY) {
            // It has left the paper: only its way there is seen.
            return [Shape::polyline([[$atX, $zeroY], [$atX, $edge]], Paint::outlined($series->colour, 3, 'none', '8 8'))];
        }

        return [
            Shape::polyline([[$atX, $zeroY], [$atX, $atY], [$zeroX, $atY]], Paint::outlined($series->colour, 3, 'none', '8 8')),
            Shape::circle($atX, $atY, 13, Paint::outlined('#FFFFFF', 3, $series->colour)),
            ...$labels->near(FunctionGraph::point($x, $curve->at($x)), $atX, $atY, new TextStyle(30, $series->colour, true), 16, 60, 110),
        ];
    }

    /** @return list<array{float, float, float, float}> */
    private function axisLines(Axes $axes): array
    {
        [$x, $y] = $axes->point(max($axes->across->least, min(0.0, $axes->across->most)), max($axes->up->least, min(0.0, $axes->up->most)));

        return [[$axes->plot->x, $y, $axes->plot->right(), $y], [$x, $axes->plot->y, $x, $axes->plot->bottom()]];
    }

    /** @return list<Shape> */
    private function points(Curve $curve, Axes $axes, Series $series, Labels $labels): array
    {
        $points = array_map(static fn (float $root): array => [$root, 0.0], $curve->roots);
        foreach ($curve->turns as [$x, $y]) {
            $points[] = [$x, $y];
        }
        $intercept = $curve->at(0.0);
        if (is_finite($intercept) && $this->graph->from <= 0 && $this->graph->to >= 0) {
            $points[] = [0.0, $intercept];
        }

        return $this->marked($points, $axes, $series, $labels);
    }

    /**
     * @param  list<array{float, float}>  $points
     * @return list<Shape>
     */
    private function marked(array $points, Axes $axes, Series $series, Labels $labels): array
    {
        $seen = [];
        $shapes = [];
        foreach ($points as [$x, $y]) {
            [$atX, $atY] = $axes->point($x, $y);
            $key = round($atX).' '.round($atY);
            if (isset($seen[$key]) || $atY < $axes->plot->y - 1 || $atY > $axes->plot->bottom() + 1) {
                continue;
            }
            $seen[$key] = true;
            $labels->keepClearOf(new Box($atX - 10, $atY - 10, 20, 20));
            $shapes[] = $series->mark($atX, $atY, 10);
            $style = new TextStyle(28, Paint::INK);
            array_push($shapes, ...$labels->near(FunctionGraph::point($x, $y), $atX, $atY, $style, 12, $y < 0 ? -60 : 60, 110));
        }

        return $shapes;
    }

    /** @return list<Shape> */
    private function table(Box $room): array
    {
        $rows = max(3, min(9, (int) floor($room->height / Table::ROW) - 1));
        $columns = count($this->graph->curves);
        $names = $columns === 1
            ? ['x', 'y']
            : ['x', ...array_map(static fn (int $number): string => 'y'.['₁', '₂', '₃'][$number], range(0, $columns - 1))];
        $table = new Table($names, array_fill(0, $columns + 1, 1 / ($columns + 1)), $rows, $room, $this->context);
        $shapes = $table->head();
        $step = max(1, (int) ceil(($this->graph->to - $this->graph->from) / ($rows - 1)));
        for ($row = 0; $row < $rows; $row++) {
            $x = ceil($this->graph->from) + $row * $step;
            $values = array_map(
                static fn (Curve $curve): string => is_finite($curve->at($x)) ? Curve::quantity($curve->at($x))->rounded()->number() : '–',
                $this->graph->curves,
            );
            array_push(
                $shapes,
                ...$table->row(
                    $row + 1,
                    $x <= $this->graph->to ? [Curve::quantity($x)->number(), ...$values] : array_fill(0, $columns + 1, ''),
                ),
            );
        }

        return $shapes;
    }
}
