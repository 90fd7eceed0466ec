<?php

declare(strict_types=1);

namespace Daybright\Maths\Expression;

use Brick\Math\BigRational;
use Daybright\Maths\Quantity;
use Daybright\Maths\Unit;

/** The ratio of a circle's circumference to its diameter, to sixteen figures. */
final readonly class Pi implements Expression
{
    public function evaluate(array $known): Quantity
    {
        return new Quantity(BigRational::of('3.141592653589793'), Unit::none(), false);
    }

    public function value(array $known): float
    {
        return M_PI;
    }

    public function tex(): string
    {
        return '\\pi';
    }

    public function strength(): int
    {
        return 5;
    }
}
