<?php

declare(strict_types=1);

namespace Daybright\Recording\Frames;

/** A straight piece of a line, in pixels, and what lies near it. */
final readonly class StraightPiece
{
    private float $across;

    private float $down;

    private float $square;

    public function __construct(private float $x1, private float $y1, private float $x2, private float $y2)
    {
        $this->across = $x2 - $x1;
        $this->down = $y2 - $y1;
        $this->square = $this->across ** 2 + $this->down ** 2;
    }

    public function scaled(float $factor): self
    {
        return new self($this->x1 * $factor, $this->y1 * $factor, $this->x2 * $factor, $this->y2 * $factor);
    }

    /** @return array{float, float} the heights between which all lies that is within a distance of it */
    public function heights(float $within): array
    {
        return [min($this->y1, $this->y2) - $within, max($this->y1, $this->y2) + $within];
    }

    public function distance(float $x, float $y): float
    {
        [$x, $y] = [$x - $this->x1, $y - $this->y1];
        $along = $this->square > 0 ? max(0.0, min(1.0, ($x * $this->across + $y * $this->down) / $this->square)) : 0.0;

        return sqrt(($x - $along * $this->across) ** 2 + ($y - $along * $this->down) ** 2);
    }

    /** @return array{float, float}|null from where to where a height is within a distance of it; null where nothing of it is */
    public function stretch(float $y, float $within): ?array
    {
        $found = null;
        foreach ([
            self::circle($this->x1, $y - $this->y1, $within),
            self::circle($this->x2, $y - $this->y2, $within),
            $this->beside($y - $this->y1, $within),
        ] as $part) {
            $found = $part === null || $found === null ? $part ?? $found : [min($found[0], $part[0]), max($found[1], $part[1])];
        }

        return $found;
    }

    /** @return array{float, float}|null */
    private static function circle(float $middle, float $y, float $radius): ?array
    {
        if ($radius <= abs($y)) {
            return null;
        }
        $half = sqrt($radius ** 2 - $y ** 2);

        return [$middle - $half, $middle + $half];
    }

    /** @return array{float, float}|null of the strip on both sides of it, which ends where it ends */
    private function beside(float $y, float $within): ?array
    {
        $far = $within * sqrt($this->square);
        [$from, $to] = self::between($this->down, $y * $this->across - $far, $y * $this->across + $far);
        [$begins, $ends] = self::between($this->across, -$y * $this->down, $this->square - $y * $this->down);
        [$from, $to] = [max($from, $begins), min($to, $ends)];

        return $far > 0 && $from < $to ? [$this->x1 + $from, $this->x1 + $to] : null;
    }

    /** @return array{float, float} the numbers whose multiple lies between two others */
    private static function between(float $times, float $least, float $most): array
    {
        if ($times === 0.0) {
            return $least <= 0 && $most >= 0 ? [-INF, INF] : [INF, -INF];
        }

        return $times > 0 ? [$least / $times, $most / $times] : [$most / $times, $least / $times];
    }
}
