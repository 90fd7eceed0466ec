<?php

declare(strict_types=1);

namespace Daybright\Maths\Expression;

use Daybright\Maths\MathsError;
use Daybright\Maths\Quantity;

/** A sum that was read: it can be worked out, and set as a formula. */
interface Expression
{
    /**
     * @param  array<string, Quantity>  $known values of the names in the sum
     *
     * @throws MathsError
     */
    public function evaluate(array $known): Quantity;

    /**
     * The same in floating point, for drawing curves; not a number where it has no value.
     *
     * @param  array<string, float>  $known
     *
     * @throws MathsError for an unknown name
     */
    public function value(array $known): float;

    /** The same in TeX, for setting. */
    public function tex(): string;

    /** How tightly it holds together: 1 sum, 2 product, 3 sign, 4 power, 5 a single thing. */
    public function strength(): int;
}
