<?php

declare(strict_types=1);

namespace Daybright\Maths\Expression;

use Daybright\Maths\MathsError;
use Daybright\Maths\Quantity;

/** A named quantity: a letter, or a word such as “length”. */
final readonly class Name implements Expression
{
    public function __construct(public string $name)
    {
    }

    public function evaluate(array $known): Quantity
    {
        return $known[$this->name] ?? throw MathsError::unknownName($this->name);
    }

    public function value(array $known): float
    {
        return $known[$this->name] ?? throw MathsError::unknownName($this->name);
    }

    public function tex(): string
    {
        return mb_strlen($this->name) === 1 ? $this->name : '\\text{'.$this->name.'}';
    }

    public function strength(): int
    {
        return 5;
    }
}
