<?php

declare(strict_types=1);

namespace Daybright\Figure\TwoUnknowns;

use Daybright\Figure\Drawing\Axes;
use Daybright\Figure\Drawing\Labels;
use Daybright\Figure\Drawing\Series;
use Daybright\Maths\LinearEquation;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;

/** Both equations as straight lines; they cross in the answer. */
final readonly class CrossingLines
{
    public function __construct(private TwoUnknowns $figure, private Box $box, private RenderContext $context)
    {
    }

    /** @return array<string, list<Shape>> */
    public function pieces(): array
    {
        [$x, $y] = [$this->figure->x->toFloat(), $this->figure->y->toFloat()];
        $reach = max(2.0, abs($x) * 1.8, 4.0);
        $rise = max(2.0, abs($y) * 1.8, 4.0);
        $across = [min(0.0, $x >= 0 ? 0.0 : -$reach), $x >= 0 ? $reach : max(0.0, $reach * 0.3)];
        $up = [min(0.0, $y >= 0 ? 0.0 : -$rise), $y >= 0 ? $rise : max(0.0, $rise * 0.3)];
        $axes = Axes::in($this->box, $this->context, $across, $up, $this->figure->firstName, $this->figure->secondName);
        $labels = new Labels($axes->plot, $this->context->type);
        [$atX, $atY] = $axes->point($x, $y);
        $labels->keepClearOf(new Box($atX - 12, $atY - 12, 24, 24));
        $lines = ['first' => $this->line($this->figure->first, $axes), 'second' => $this->line($this->figure->second, $axes)];
        foreach ($lines as $points) {
            $labels->keepClearOfLine($points[0][0], $points[0][1], $points[1][0], $points[1][1], 14);
        }
        $pieces = ['given' => $axes->shapes];
        foreach (array_keys($lines) as $number => $name) {
            $series = new Series($number, $this->context);
            $equation = $number === 0 ? $this->figure->first : $this->figure->second;
            $points = $lines[$name];
            $share = $number === 0 ? 0.2 : 0.8;
            $pieces[$name] = [
                Shape::polyline($points, $series->line()),
                ...$labels->near(
                    $equation->written(),
                    $points[0][0] + ($points[1][0] - $points[0][0]) * $share,
                    $points[0][1] + ($points[1][1] - $points[0][1]) * $share,
                    new TextStyle(28, $series->colour, true),
                    12,
                    45,
                ),
            ];
        }
        $pieces['answer'] = [
            Shape::circle($atX, $atY, 12, Paint::outlined('#FFFFFF', 3, Paint::INK)),
            ...$labels->near(
                '('.TwoUnknowns::number($this->figure->x).', '.TwoUnknowns::number($this->figure->y).')',
                $atX,
                $atY,
                new TextStyle(32, Paint::INK, true),
                16,
                0,
            ),
        ];

        return $pieces;
    }

    /**
     * The stretch of a line inside the plot.
     *
     * @return array{array{float, float}, array{float, float}}
     */
    private function line(LinearEquation $equation, Axes $axes): array
    {
        [$a, $b, $c] = [$equation->a->toFloat(), $equation->b->toFloat(), $equation->c->toFloat()];
        $corners = [];
        foreach ([$axes->across->least, $axes->across->most] as $x) {
            if ($b !== 0.0) {
                $corners[] = [$x, ($c - $a * $x) / $b];
            }
        }
        foreach ([$axes->up->least, $axes->up->most] as $y) {
            if ($a !== 0.0) {
                $corners[] = [($c - $b * $y) / $a, $y];
            }
        }
        $inside = array_values(array_filter(
            $corners,
            static fn (array $point): bool => $point[0] >= $axes->across->least - 1e-9
                && $point[0] <= $axes->across->most + 1e-9
                && $point[1] >= $axes->up->least - 1e-9
                && $point[1] <= $axes->up->most + 1e-9,
        ));
        usort($inside, static fn (array $one, array $other): int => [$one[0], $one[1]] <=> [$other[0], $other[1]]);

        return [$axes->point(...$inside[0]), $axes->point(...$inside[count($inside) - 1])];
    }
}
