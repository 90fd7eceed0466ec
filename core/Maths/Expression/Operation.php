<?php

declare(strict_types=1);

namespace Daybright\Maths\Expression;

use Daybright\Maths\Quantity;

/** Two things added, taken away, multiplied, divided or raised to a power. */
final readonly class Operation implements Expression
{
    /** @param  '+'|'-'|'×'|'of'|'implicit'|'/'|'÷'|'^'  $sign “÷” is a division typed with its own sign, “/” is typed as a fraction */
    public function __construct(public string $sign, public Expression $left, public Expression $right)
    {
    }

    public function evaluate(array $known): Quantity
    {
        $left = $this->left->evaluate($known);
        $right = $this->right->evaluate($known);

        return match ($this->sign) {
            '+' => $left->plus($right),
            '-' => $left->minus($right),
            '×', 'of', 'implicit' => $left->times($right),
            '/', '÷' => $left->over($right),
            '^' => $left->power($right),
        };
    }

    public function value(array $known): float
    {
        $left = $this->left->value($known);
        $right = $this->right->value($known);

        return match ($this->sign) {
            '+' => $left + $right,
            '-' => $left - $right,
            '×', 'of', 'implicit' => $left * $right,
            '/', '÷' => $right === 0.0 ? NAN : $left / $right,
            '^' => $left < 0 && floor($right) !== $right ? NAN : $left ** $right,
        };
    }

    public function tex(): string
    {
        if ($this->sign === '/') {
            return '\\frac{'.Bracketed::opened($this->left)->tex().'}{'.Bracketed::opened($this->right)->tex().'}';
        }
        if ($this->sign === '^') {
            return self::held($this->left, 5).'^{'.$this->right->tex().'}';
        }
        $sign = match ($this->sign) {
            '+' => ' + ',
            '-' => ' - ',
            '÷' => ' \\div ',
            '×' => ' \\times ',
            'of' => '\\text{ of }',
            'implicit' => '\\,',
        };

        return self::held($this->left, $this->strength()).$sign.self::held(
            $this->right,
            $this->strength() + ($this->sign === '-' || $this->sign === '÷' ? 1 : 0),
        );
    }

    public function strength(): int
    {
        return match ($this->sign) {
            '+', '-' => 1,
            '×', 'of', 'implicit', '÷' => 2,
            '/' => 3,
            '^' => 4,
        };
    }

    private static function held(Expression $part, int $strength): string
    {
        return $part->strength() < $strength ? '('.$part->tex().')' : $part->tex();
    }
}
