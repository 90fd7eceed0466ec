<?php

declare(strict_types=1);

namespace Daybright\Figure\Drawing;

use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;
use Daybright\Scene\Typesetter;

/** Finds places for labels, inside the box, where they meet neither one another nor what they must keep clear of. */
final class Labels
{
    private const MARGIN = 5.0;

    /** @var list<Box> */
    private array $taken = [];

    public function __construct(private readonly Box $box, private readonly Typesetter $type)
    {
    }

    public function keepClearOf(Box ...$boxes): void
    {
        array_push($this->taken, ...array_values($boxes));
    }

    /** Keeps labels off a line of dots, one every few units. */
    public function keepClearOfLine(float $fromX, float $fromY, float $toX, float $toY, float $thickness = 6): void
    {
        $pieces = max(1, (int) ceil(hypot($toX - $fromX, $toY - $fromY) / 24));
        for ($piece = 0; $piece <= $pieces; $piece++) {
            $x = $fromX + ($toX - $fromX) * $piece / $pieces;
            $y = $fromY + ($toY - $fromY) * $piece / $pieces;
            $this->taken[] = new Box($x - $thickness / 2, $y - $thickness / 2, $thickness, $thickness);
        }
    }

    /** A label exactly there, or nothing when there is no room for it: for the numbers of a scale, which can do without some. */
    public function optional(string $text, float $x, float $baseline, TextStyle $style): ?Shape
    {
        $label = $this->type->label($text, $x, $baseline, $style);

        return $this->isFree($label->box) ? $this->take($label) : null;
    }

    /** A label exactly there, whatever else is there; others keep clear of it. */
    public function fixed(string $text, float $x, float $baseline, TextStyle $style): Shape
    {
        return $this->take($this->type->label($text, $x, $baseline, $style));
    }

    /**
     * A label in the free place nearest to a point, tried first in the given direction; with a line to the point when that is far.
     *
     * @param  float  $distance from the point to the label, in slide units
     * @param  float  $towards angle of the first place tried, in degrees, 0 to the right and 90 upwards
     * @param  float  $farthest beyond this distance the label is rather left out
     * @return list<Shape> nothing when there is no room
     */
    public function near(
        string $text,
        float $x,
        float $y,
        TextStyle $style,
        float $distance = 12,
        float $towards = 90,
        float $farthest = INF,
    ): array {
        for ($size = $style->size; $size >= Typesetter::SMALLEST; $size -= 2) {
            $sized = $style->sized($size);
            $label = $this->around($text, $x, $y, $sized, $distance, $towards, $farthest);
            if ($label !== null) {
                return $this->tied($this->take($label), $x, $y, $distance + $size);
            }
        }

        return [];
    }

    public function isFree(Box $place): bool
    {
        if (! $this->box->holds($place, 1)) {
            return false;
        }
        $wide = new Box(
            $place->x - self::MARGIN,
            $place->y - self::MARGIN,
            $place->width + 2 * self::MARGIN,
            $place->height + 2 * self::MARGIN,
        );
        foreach ($this->taken as $box) {
            if ($wide->overlaps($box)) {
                return false;
            }
        }

        return true;
    }

    private function around(string $text, float $x, float $y, TextStyle $style, float $distance, float $towards, float $farthest): ?Shape
    {
        $width = $this->type->width($text, $style);
        $farthest = min($farthest, max($this->box->width, $this->box->height));
        for ($far = $distance; $far <= $farthest; $far += $style->size * 0.6) {
            foreach ([0, 45, -45, 90, -90, 135, -135, 180] as $turn) {
                $angle = deg2rad($towards + $turn);
                $middleX = $x + cos($angle) * ($far + $width / 2);
                $middleY = $y - sin($angle) * ($far + $style->size / 2);
                $label = $this->type->label(
                    $text,
                    $middleX - $width / 2,
                    $middleY + $style->size * 0.28,
                    new TextStyle($style->size, $style->colour, $style->bold),
                );
                if ($this->isFree($label->box)) {
                    return $label;
                }
            }
        }

        return null;
    }

    /** @return list<Shape> */
    private function tied(Shape $label, float $x, float $y, float $near): array
    {
        $edgeX = max($label->box->x, min($x, $label->box->right()));
        $edgeY = max($label->box->y, min($y, $label->box->bottom()));
        if (hypot($edgeX - $x, $edgeY - $y) <= $near) {
            return [$label];
        }

        return [Shape::polyline([[$x, $y], [$edgeX, $edgeY]], Paint::outlined(Paint::QUIET, 2)), $label];
    }

    private function take(Shape $label): Shape
    {
        $this->taken[] = $label->box;

        return $label;
    }
}
