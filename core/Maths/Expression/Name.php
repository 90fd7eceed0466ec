<?php

declare(strict_types=1);

namespace Daybright\Maths\Expression;

use Daybright\Maths\MathsError;
use Daybright\Maths\Quantity;

/** A named quantity: a letter, or a word such as “length”. */
final readonly class Name implements Expression
{
    /**
     * @param  int|null  $position where it stands in what was typed, in characters from 0
     * @param  bool  $followsNumber whether it stands where a unit would
     */
    public function __construct(public string $name, private ?int $position = null, private bool $followsNumber = false)
    {
    }

    public function evaluate(array $known): Quantity
    {
        return $known[$this->name] ?? throw ($this->followsNumber ? MathsError::unknownUnit(
            $this->name,
            $this->position,
        ) : MathsError::unknownName($this->name, $this->position));
    }

    public function value(array $known): float
    {
        return $known[$this->name] ?? throw MathsError::unknownName($this->name);
    }

    public function tex(): string
    {
        if (preg_match('/^(\p{L})(?:_\{?(\w+)\}?|([₀-₉]+))$/u', $this->name, $match) === 1) {
            $below = strtr(
                end($match),
                ['₀' => '0', '₁' => '1', '₂' => '2', '₃' => '3', '₄' => '4', '₅' => '5', '₆' => '6', '₇' => '7', '₈' => '8', '₉' => '9'],
            );

            return "{$match[1]}_{{$below}}";
        }
        if (preg_match('/^Δ\p{L}$/u', $this->name) === 1) {
            return $this->name;
        }

        return mb_strlen($this->name) === 1 ? $this->name : '\\text{'.$this->name.'}';
    }

    public function strength(): int
    {
        return 5;
    }
}
