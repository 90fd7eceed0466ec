<?php

declare(strict_types=1);

namespace Daybright\Figure\PlaneShape;

use Brick\Math\BigRational;
use Daybright\Figure\Chance;
use Daybright\Figure\Fact;
use Daybright\Figure\InvalidQuantities;
use Daybright\Figure\Reading;
use Daybright\Figure\Variation;
use Daybright\Maths\Quantity;
use Daybright\Maths\Unit;

/** An L-shape: a rectangle with a corner cut out. */
final readonly class Compound extends Measured
{
    /** @throws InvalidQuantities */
    public static function from(Reading $reading, Unit $unit): self
    {
        $length = $reading->amount('length', 'The length', $unit);
        $width = $reading->amount('width', 'The width', $unit);
        $cutLength = $reading->amount('cutLength', 'The length of the corner', $unit);
        $cutWidth = $reading->amount('cutWidth', 'The width of the corner', $unit);
        if (! $cutLength->value->isLessThan($length->value)) {
            throw InvalidQuantities::because(
                "The corner, {$cutLength->written()}, must be shorter than the whole, {$length->written()}.",
                'cutLength',
            );
        }
        if (! $cutWidth->value->isLessThan($width->value)) {
            throw InvalidQuantities::because(
                "The corner, {$cutWidth->written()}, must be narrower than the whole, {$width->written()}.",
                'cutWidth',
            );
        }
        ShapeDrawing::refuseLine([
            $length->value->toFloat(),
            $width->value->toFloat(),
            $cutLength->value->toFloat(),
            $cutWidth->value->toFloat(),
            $length->minus($cutLength)->value->toFloat(),
            $width->minus($cutWidth)->value->toFloat(),
        ]);

        return new self([
            Fact::quantity('length', $length, 'the whole length'),
            Fact::quantity('width', $width, 'the whole width'),
            Fact::quantity('cut length', $cutLength, 'the length of the corner'),
            Fact::quantity('cut width', $cutWidth, 'the width of the corner'),
            Fact::quantity('step length', $length->minus($cutLength), 'the shorter length'),
            Fact::quantity('step width', $width->minus($cutWidth), 'the shorter width'),
            Fact::quantity('perimeter', $length->plus($width)->times(Quantity::of(2)), 'the perimeter'),
            Fact::quantity('area', $length->times($width)->minus($cutLength->times($cutWidth)), 'the area'),
        ], ['length', 'width', 'cut length', 'cut width'], $unit);
    }

    public function kind(): string
    {
        return 'an L-shape';
    }

    public function corners(): array
    {
        [$length, $width, $across, $up] = [
            $this->length('length'),
            $this->length('width'),
            $this->length('step length'),
            $this->length('step width'),
        ];

        return [[0.0, 0.0], [$length, 0.0], [$length, $up], [$across, $up], [$across, $width], [0.0, $width]];
    }

    public function dimensions(): array
    {
        [$start, $right, $step, $inner, $top, $left] = $this->corners();

        return [
            [$start, $right, 'length', $this->written('length')],
            [$right, $step, 'step width', $this->written('step width')],
            [$step, $inner, 'cut length', $this->written('cut length')],
            [$inner, $top, 'cut width', $this->written('cut width')],
            [$top, $left, 'step length', $this->written('step length')],
            [$left, $start, 'width', $this->written('width')],
        ];
    }

    /** Level 1 asks for the area, level 2 for the way round, level 3 for the length of the corner from the area that is left. */
    public function vary(Chance $chance, int $level): Variation
    {
        [$length, $width] = [$chance->whole(6, 16), $chance->whole(5, 12)];
        [$cutLength, $cutWidth] = [$chance->whole(2, $length - 2), $chance->whole(2, $width - 2)];
        $quantities = [
            'shape' => 'compound',
            'unit' => $this->unit()->symbol(),
            'length' => (string) $length,
            'width' => (string) $width,
            'cutLength' => (string) $cutLength,
            'cutWidth' => (string) $cutWidth,
        ];
        [$whole, $corner] = [$length * $width, $cutLength * $cutWidth];
        $cut = "From a rectangle of {$this->in($length)->written()} by {$this->in($width)->written()} a corner";

        return match ($level) {
            1 => Variation::ask(
                $quantities,
                "{$cut} of {$this->in($cutLength)->written()} by {$this->in($cutWidth)->written()} is cut out. What area is left?",
                $this->in($whole - $corner, 2),
                [
                    'The corner was not taken away.' => $this->in($whole, 2),
                    'The corner was added.' => $this->in($whole + $corner, 2),
                    'This is the area of the corner.' => $this->in($corner, 2),
                ],
            ),
            2 => Variation::ask(
                $quantities,
                "{$cut} of {$this->in($cutLength)->written()} by {$this->in($cutWidth)->written()} is cut out. What is the perimeter of the L-shape?",
                $this->in(2 * ($length + $width)),
                [
                    'The two sides of the corner were taken away: the way round goes along them.' => $this->in(
                        2 * ($length + $width) - $cutLength - $cutWidth,
                    ),
                    'The two sides of the corner were added.' => $this->in(2 * ($length + $width) + $cutLength + $cutWidth),
                    'This is the area.' => $this->in($whole - $corner, 2),
                    'Only half the way round was counted.' => $this->in($length + $width),
                ],
            ),
            default => Variation::ask(
                $quantities,
                "{$cut} is cut out, {$this->in($cutWidth)->written()} wide. An area of {$this->in($whole - $corner, 2)->written()} is left. How long is the corner?",
                $this->in($cutLength),
                [
                    'This is the area of the corner.' => $this->in($corner, 2),
                    'The area that is left was divided, not the one that is gone.' => $this->in(BigRational::nd(
                        $whole - $corner,
                        $cutWidth,
                    )),
                    'This is what is left of the length.' => $this->in($length - $cutLength),
                ],
            ),
        };
    }
}
