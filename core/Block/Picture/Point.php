<?php

declare(strict_types=1);

namespace Daybright\Block\Picture;

use Daybright\Lesson\Fields;
use Daybright\Scene\Box;

/** A place on a picture, as shares of its width and height, so that it stays there whatever the picture's size. */
final readonly class Point
{
    public function __construct(public float $x, public float $y)
    {
    }

    public static function from(Fields $mark, string $name, float $x, float $y): self
    {
        $point = $mark->fields($name);

        return new self(self::share($point->number('x', $x)), self::share($point->number('y', $y)));
    }

    /** @return array{float, float} on the slide */
    public function in(Box $picture): array
    {
        return [$picture->x + $this->x * $picture->width, $picture->y + $this->y * $picture->height];
    }

    /** The box between it and another one. */
    public function boxTo(self $other, Box $picture): Box
    {
        [$x, $y] = $this->in($picture);
        [$right, $bottom] = $other->in($picture);

        return new Box(min($x, $right), min($y, $bottom), max(1.0, abs($right - $x)), max(1.0, abs($bottom - $y)));
    }

    private static function share(float $value): float
    {
        return min(1.0, max(0.0, $value));
    }
}
