<?php

declare(strict_types=1);

namespace Daybright\Maths\Expression;

use Daybright\Maths\Quantity;

/** Something with a minus sign before it. */
final readonly class Negation implements Expression
{
    public function __construct(public Expression $inner)
    {
    }

    public function evaluate(array $known): Quantity
    {
        $value = $this->inner->evaluate($known);

        return new Quantity($value->value->negated(), $value->unit, $value->exact);
    }

    public function value(array $known): float
    {
        return -$this->inner->value($known);
    }

    public function tex(): string
    {
        return '-'.($this->inner->strength() < 2 ? '('.$this->inner->tex().')' : $this->inner->tex());
    }

    public function strength(): int
    {
        return 3;
    }
}
