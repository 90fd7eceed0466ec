<?php

declare(strict_types=1);

namespace Daybright\Figure\PlaneShape;

use Daybright\Figure\Drawing\Labels;
use Daybright\Figure\Drawing\Table;
use Daybright\Figure\Fact;
use Daybright\Figure\InvalidQuantities;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;

/** An outline to scale; measures stand beside their sides, area and perimeter under it. */
final readonly class ShapeDrawing
{
    private const SIZE = 32.0;

    private const LONGEST_RATIO = 12.0;

    /** @var list<string> what follows, in words under the drawing */
    private array $answers;

    private float $below;

    private float $scale;

    /** @var array{float, float} the middle of the outline, in units of length */
    private array $centre;

    private Box $room;

    public function __construct(private Outline $outline, private Box $box, private RenderContext $context)
    {
        $listed = array_values(array_filter(
            $outline->following(),
            static fn (Fact $fact): bool => in_array($fact->name, ['area', 'perimeter', 'circumference'], true),
        ));
        $rows = array_map(static fn (Fact $fact): string => ucfirst($fact->name).' '.$fact->written, $listed);
        $this->answers = $box->width > 900 || count($rows) < 2 ? [implode('      ', $rows)] : $rows;
        $this->below = count($this->answers) * self::SIZE * 1.35 + 8;
        $side = max([
            0.0,
            ...array_map(fn (array $dimension): float => $context->type->width($dimension[3], $this->style()), $outline->dimensions()),
        ]);
        $this->room = new Box(
            $box->x + $side + 28,
            $box->y + self::SIZE * 1.5,
            $box->width - 2 * $side - 56,
            $box->height - self::SIZE * 3 - $this->below,
        );
        $x = array_column($outline->corners(), 0);
        $y = array_column($outline->corners(), 1);
        $this->centre = [(min($x) + max($x)) / 2, (min($y) + max($y)) / 2];
        $this->scale = min($this->room->width / (max($x) - min($x)), $this->room->height / (max($y) - min($y)));
    }

    /**
     * @param  non-empty-list<float>  $sides
     *
     * @throws InvalidQuantities when the shape would be too thin to see
     */
    public static function refuseLine(array $sides): void
    {
        if (max($sides) > self::LONGEST_RATIO * min($sides)) {
            throw InvalidQuantities::because(
                'One side is more than '
                    .self::LONGEST_RATIO
                    .' times another: drawn to scale, the shape would be hard to see. Use measures closer to each other.',
                'shape',
            );
        }
    }

    /** @return array<string, list<Shape>> */
    public function pieces(): array
    {
        $points = array_map($this->place(...), $this->outline->corners());
        $known = array_map(static fn (Fact $fact): string => $fact->name, $this->outline->known());
        $pieces = [
            'shape' => [Shape::polygon($points, Paint::outlined(Paint::INK, 4, $this->context->tint)), ...$this->rightAngles($points)],
            'known' => [],
            'answers' => [],
        ];
        $labels = new Labels(
            new Box($this->box->x, $this->box->y, $this->box->width, $this->box->height - $this->below),
            $this->context->type,
        );
        foreach ($points as $number => $point) {
            $next = $points[($number + 1) % count($points)];
            $labels->keepClearOfLine($point[0], $point[1], $next[0], $next[1], 10);
        }
        foreach ($this->outline->dimensions() as [$from, $to, $fact, $written]) {
            $piece = in_array($fact, $known, true) ? 'known' : 'answers';
            array_push($pieces[$piece], ...$this->dimension($this->place($from), $this->place($to), $written, $labels));
        }
        foreach ($this->answers as $number => $line) {
            $style = new TextStyle(self::SIZE + 2, $this->context->strong, true, 0.5);
            [$cut, $fitted] = Table::cut($line, $this->box->width, $style, $this->context->type);
            $pieces['answers'][] = $this->context->type->label(
                $cut,
                $this->box->middleX(),
                $this->box->bottom() - $this->below + ($number + 1) * self::SIZE * 1.3,
                $fitted,
            );
        }

        return array_filter($pieces);
    }

    /**
     * @param  array{float, float}  $point in units of length
     * @return array{float, float} in slide units
     */
    private function place(array $point): array
    {
        return [
            $this->room->middleX() + ($point[0] - $this->centre[0]) * $this->scale,
            $this->room->middleY() - ($point[1] - $this->centre[1]) * $this->scale,
        ];
    }

    /**
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     * @return list<Shape>
     */
    private function dimension(array $from, array $to, string $written, Labels $labels): array
    {
        $x = ($from[0] + $to[0]) / 2;
        $y = ($from[1] + $to[1]) / 2;
        $length = max(1.0, hypot($to[0] - $from[0], $to[1] - $from[1]));
        // At right angles to the side, on the right hand of someone walking along it: outside, since corners run against the clock.
        [$outX, $outY] = [-($to[1] - $from[1]) / $length, ($to[0] - $from[0]) / $length];
        if ($this->outline instanceof Circle) {
            $labels->keepClearOfLine($from[0], $from[1], $to[0], $to[1]);
            [$outX, $outY] = [0.0, -1.0];
        }
        $angle = rad2deg(atan2(-$outY, $outX));
        $shapes = $labels->near($written, $x, $y, $this->style(), 14, $angle);
        if ($this->outline instanceof Circle) {
            return [
                Shape::polyline([$from, $to], Paint::outlined($this->context->strong, 4)),
                Shape::circle($this->room->middleX(), $this->room->middleY(), 6, Paint::filled(Paint::INK)),
                ...$shapes,
            ];
        }

        return [Shape::polyline([$from, $to], Paint::outlined($this->context->strong, 6)), ...$shapes];
    }

    /**
     * A small square in every corner of 90°.
     *
     * @param  non-empty-list<array{float, float}>  $points
     * @return list<Shape>
     */
    private function rightAngles(array $points): array
    {
        if (count($points) > 6) {
            return [];
        }
        $shapes = [];
        $count = count($points);
        foreach ($points as $number => $corner) {
            [$before, $after] = [$points[($number + $count - 1) % $count], $points[($number + 1) % $count]];
            $one = [$before[0] - $corner[0], $before[1] - $corner[1]];
            $other = [$after[0] - $corner[0], $after[1] - $corner[1]];
            [$first, $second] = [hypot(...$one), hypot(...$other)];
            if (abs(($one[0] * $other[0] + $one[1] * $other[1]) / ($first * $second)) > 1e-6) {
                continue;
            }
            $arm = min(18.0, $first / 3, $second / 3);
            [$a, $b] = [[$one[0] / $first * $arm, $one[1] / $first * $arm], [$other[0] / $second * $arm, $other[1] / $second * $arm]];
            $shapes[] = Shape::polyline(
                [
                    [$corner[0] + $a[0], $corner[1] + $a[1]],
                    [$corner[0] + $a[0] + $b[0], $corner[1] + $a[1] + $b[1]],
                    [$corner[0] + $b[0], $corner[1] + $b[1]],
                ],
                Paint::outlined(Paint::INK, 2),
            );
        }

        return $shapes;
    }

    private function style(): TextStyle
    {
        return new TextStyle(self::SIZE, Paint::INK, true);
    }
}
