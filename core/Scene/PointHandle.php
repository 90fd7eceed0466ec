<?php

declare(strict_types=1);

namespace Daybright\Scene;

/** A point of a picture that can be moved where it stands: it is kept as shares of an area. */
final readonly class PointHandle
{
    /**
     * @param  string  $path to its two shares within what it belongs to, such as “marks/0/at”
     * @param  string  $label for the teacher
     * @param  Box  $area that its shares are of
     * @param  float  $x and $y: shares of the area, from 0 to 1
     */
    public function __construct(public string $path, public string $label, public Box $area, public float $x, public float $y)
    {
    }

    /** Enlarged about zero, then moved. */
    public function placed(float $x, float $y, float $scale): self
    {
        return new self($this->path, $this->label, $this->area->scaled($scale)->moved($x, $y), $this->x, $this->y);
    }
}
