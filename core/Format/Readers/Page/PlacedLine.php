<?php

declare(strict_types=1);

namespace Daybright\Format\Readers\Page;

use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;

/** A line from one place to another, with heads where it has them. */
final readonly class PlacedLine implements PlacedThing
{
    /** Length of a head in widths of its line, and at least so many units. */
    private const HEAD = 4.5;

    private const LEAST_HEAD = 14.0;

    /** Half the angle of a head, in radians. */
    private const WING = 0.42;

    /** @param  non-empty-list<array{float, float}>  $points */
    public function __construct(
        private array $points,
        private string $colour,
        private float $width,
        private string $dash,
        private bool $hasHeadAtStart,
        private bool $hasHeadAtEnd,
    ) {
    }

    public function parts(): array
    {
        return [];
    }

    public function shapes(RenderContext $context): array
    {
        $shapes = [Shape::polyline($this->points, Paint::outlined($this->colour, $this->width, 'none', $this->dash))];
        $last = count($this->points) - 1;
        if ($this->hasHeadAtEnd && $last > 0) {
            $shapes[] = $this->head($this->points[$last - 1], $this->points[$last]);
        }
        if ($this->hasHeadAtStart && $last > 0) {
            $shapes[] = $this->head($this->points[1], $this->points[0]);
        }

        return $shapes;
    }

    /**
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     */
    private function head(array $from, array $to): Shape
    {
        $angle = atan2($to[1] - $from[1], $to[0] - $from[0]);
        $length = max(self::LEAST_HEAD, $this->width * self::HEAD);
        $corner = static fn (float $turn): array => [
            $to[0] - $length * cos($angle + $turn),
            $to[1] - $length * sin($angle + $turn),
        ];

        return Shape::polygon([$to, $corner(self::WING), $corner(-self::WING)], Paint::filled($this->colour));
    }
}
