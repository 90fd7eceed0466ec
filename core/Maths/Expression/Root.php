<?php

declare(strict_types=1);

namespace Daybright\Maths\Expression;

use Daybright\Maths\Quantity;

/** A square root, or one of a higher degree. */
final readonly class Root implements Expression
{
    /** @param  int  $degree 2 for a square root, 3 for a cube root */
    public function __construct(public Expression $inner, public int $degree = 2)
    {
    }

    public function evaluate(array $known): Quantity
    {
        return $this->inner->evaluate($known)->root($this->degree);
    }

    public function value(array $known): float
    {
        $inner = $this->inner->value($known);
        if ($this->degree === 2) {
            return $inner < 0 ? NAN : sqrt($inner);
        }
        if ($inner < 0) {
            return $this->degree % 2 === 0 ? NAN : -((-$inner) ** (1 / $this->degree));
        }

        return $inner ** (1 / $this->degree);
    }

    public function tex(): string
    {
        return '\\sqrt'.($this->degree === 2 ? '' : "[{$this->degree}]").'{'.Bracketed::opened($this->inner)->tex().'}';
    }

    public function strength(): int
    {
        return 5;
    }
}
