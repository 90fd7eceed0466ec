<?php

declare(strict_types=1);

namespace Daybright\Scene;

/** A rectangle in slide units (the slide is 1600 × 900, y downwards). */
final readonly class Box
{
    public function __construct(public float $x, public float $y, public float $width, public float $height)
    {
    }

    public function right(): float
    {
        return $this->x + $this->width;
    }

    public function bottom(): float
    {
        return $this->y + $this->height;
    }

    public function middleX(): float
    {
        return $this->x + $this->width / 2;
    }

    public function middleY(): float
    {
        return $this->y + $this->height / 2;
    }

    public function inset(float $margin): self
    {
        return new self($this->x + $margin, $this->y + $margin, max(0, $this->width - 2 * $margin), max(0, $this->height - 2 * $margin));
    }

    public function moved(float $x, float $y): self
    {
        return new self($this->x + $x, $this->y + $y, $this->width, $this->height);
    }

    public function scaled(float $scale): self
    {
        return new self($this->x * $scale, $this->y * $scale, $this->width * $scale, $this->height * $scale);
    }

    /** With the same top left corner. */
    public function enlarged(float $times): self
    {
        return new self($this->x, $this->y, $this->width * $times, $this->height * $times);
    }

    /**
     * The smallest box that holds all of them; an empty one at zero for none.
     *
     * @param  list<self>  $boxes
     */
    public static function around(array $boxes): self
    {
        if ($boxes === []) {
            return new self(0, 0, 0, 0);
        }
        $x = min(array_map(static fn (self $box): float => $box->x, $boxes));
        $y = min(array_map(static fn (self $box): float => $box->y, $boxes));

        return new self(
            $x,
            $y,
            max(array_map(static fn (self $box): float => $box->right(), $boxes)) - $x,
            max(array_map(static fn (self $box): float => $box->bottom(), $boxes)) - $y,
        );
    }

    public function area(): float
    {
        return $this->width * $this->height;
    }

    public function overlaps(self $other, float $tolerance = 0.5): bool
    {
        return $this->x + $tolerance < $other->right() && $other->x + $tolerance < $this->right()
            && $this->y + $tolerance < $other->bottom() && $other->y + $tolerance < $this->bottom();
    }

    public function holds(self $other, float $tolerance = 0.5): bool
    {
        return $other->x >= $this->x - $tolerance && $other->right() <= $this->right() + $tolerance
            && $other->y >= $this->y - $tolerance && $other->bottom() <= $this->bottom() + $tolerance;
    }

    /** From a point to the nearest place of the box; 0 within it. */
    public function distance(float $x, float $y): float
    {
        return hypot(max($this->x - $x, 0, $x - $this->right()), max($this->y - $y, 0, $y - $this->bottom()));
    }

    /** The largest box of the given shape, in the middle of this one. */
    public function fitted(float $width, float $height): self
    {
        $scale = min($this->width / max(1, $width), $this->height / max(1, $height));

        return new self($this->middleX() - $width * $scale / 2, $this->middleY() - $height * $scale / 2, $width * $scale, $height * $scale);
    }
}
