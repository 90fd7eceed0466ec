<?php

declare(strict_types=1);

namespace Daybright\Maths\Expression;

use Daybright\Maths\Quantity;

/** Something that the teacher put in brackets: the brackets are kept when it is set. */
final readonly class Bracketed implements Expression
{
    public function __construct(public Expression $inner)
    {
    }

    /** A bar or a root sign already holds its contents together: brackets inside it are dropped. */
    public static function opened(Expression $expression): Expression
    {
        return $expression instanceof self ? $expression->inner : $expression;
    }

    public function evaluate(array $known): Quantity
    {
        return $this->inner->evaluate($known);
    }

    public function value(array $known): float
    {
        return $this->inner->value($known);
    }

    public function tex(): string
    {
        return '\\left('.$this->inner->tex().'\\right)';
    }

    public function strength(): int
    {
        return 5;
    }
}
