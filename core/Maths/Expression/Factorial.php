<?php

declare(strict_types=1);

namespace Daybright\Maths\Expression;

use Brick\Math\BigInteger;
use Daybright\Maths\MathsError;
use Daybright\Maths\Quantity;

/** The product of all whole numbers up to one: 4! is 24. */
final readonly class Factorial implements Expression
{
    private const LARGEST = 60;

    public function __construct(public Expression $inner)
    {
    }

    public function evaluate(array $known): Quantity
    {
        $inner = $this->inner->evaluate($known);
        if (! $inner->unit->isNone() || ! $inner->isWhole() || $inner->value->isNegative() || $inner->value->isGreaterThan(self::LARGEST)) {
            throw MathsError::noFactorial();
        }
        $product = BigInteger::one();
        for ($each = 2; $inner->value->isGreaterThanOrEqualTo($each); $each++) {
            $product = $product->multipliedBy($each);
        }

        return Quantity::of($product);
    }

    public function value(array $known): float
    {
        $inner = $this->inner->value($known);
        if ($inner < 0 || floor($inner) !== $inner || $inner > 170) {
            return NAN;
        }

        return (float) array_product(range(1.0, max(1.0, $inner)));
    }

    public function tex(): string
    {
        return ($this->inner->strength() < 5 ? '('.$this->inner->tex().')' : $this->inner->tex()).'!';
    }

    public function strength(): int
    {
        return 4;
    }
}
