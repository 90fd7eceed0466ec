<?php

declare(strict_types=1);

namespace Daybright\Scene;

/** How what belongs to one box is stretched and moved so that it belongs to another. */
final readonly class Placement
{
    private function __construct(private Box $from, private Box $to)
    {
    }

    public static function between(Box $from, Box $to): self
    {
        return new self($from, $to);
    }

    /** @return array{float, float} */
    public function point(float $x, float $y): array
    {
        return [
            $this->to->x + ($x - $this->from->x) * self::ratio($this->to->width, $this->from->width),
            $this->to->y + ($y - $this->from->y) * self::ratio($this->to->height, $this->from->height),
        ];
    }

    public function box(Box $box): Box
    {
        [$x, $y] = $this->point($box->x, $box->y);
        [$right, $bottom] = $this->point($box->right(), $box->bottom());

        return new Box($x, $y, $right - $x, $bottom - $y);
    }

    /** How much larger a thing is there, taken over both directions. */
    public function scale(): float
    {
        return sqrt(self::ratio($this->to->width, $this->from->width) * self::ratio($this->to->height, $this->from->height));
    }

    /** A line has no width in one direction, and keeps it. */
    private static function ratio(float $to, float $from): float
    {
        return $from > 0 && $to > 0 ? $to / $from : 1;
    }
}
