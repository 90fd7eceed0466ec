<?php

declare(strict_types=1);

namespace Daybright\Figure\Drawing;

use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;

/** How the first, second and third of several things are told apart: by colour, by dashes and by the form of their marks. */
final readonly class Series
{
    private const COLOURS = ['', '#A34A00', '#4A3FA0'];

    private const DASHES = ['', '16 9', '4 9'];

    public string $colour;

    private string $dash;

    public function __construct(private int $number, RenderContext $context)
    {
        $this->colour = self::COLOURS[$number % 3] === '' ? $context->strong : self::COLOURS[$number % 3];
        $this->dash = self::DASHES[$number % 3];
    }

    public function line(float $stroke = 5): Paint
    {
        return Paint::outlined($this->colour, $stroke, 'none', $this->dash);
    }

    public function mark(float $x, float $y, float $radius = 9): Shape
    {
        $paint = Paint::outlined('#FFFFFF', 2, $this->colour);

        return match ($this->number % 3) {
            1 => Shape::polygon(
                [[$x - $radius, $y - $radius], [$x + $radius, $y - $radius], [$x + $radius, $y + $radius], [$x - $radius, $y + $radius]],
                $paint,
            ),
            2 => Shape::polygon(
                [[$x, $y - $radius * 1.2], [$x + $radius * 1.1, $y + $radius * 0.8], [$x - $radius * 1.1, $y + $radius * 0.8]],
                $paint,
            ),
            default => Shape::circle($x, $y, $radius, $paint),
        };
    }
}
