<?php

declare(strict_types=1);

namespace Daybright\Maths\Expression;

use Daybright\Maths\Quantity;

/** A square root. */
final readonly class Root implements Expression
{
    public function __construct(public Expression $inner)
    {
    }

    public function evaluate(array $known): Quantity
    {
        return $this->inner->evaluate($known)->root();
    }

    public function value(array $known): float
    {
        $inner = $this->inner->value($known);

        return $inner < 0 ? NAN : sqrt($inner);
    }

    public function tex(): string
    {
        return '\\sqrt{'.Bracketed::opened($this->inner)->tex().'}';
    }

    public function strength(): int
    {
        return 5;
    }
}
