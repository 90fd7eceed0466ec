<?php

declare(strict_types=1);

namespace Daybright\Worked\Methods;

use Daybright\Figure\Form\Field;
use Daybright\Figure\TwoUnknowns\GuessTable;
use Daybright\Figure\TwoUnknowns\TwoUnknowns;
use Daybright\Figure\Variation;
use Daybright\Lesson\Fields;
use Daybright\Maths\Quantity;
use Daybright\Worked\Example;
use Daybright\Worked\Line;
use Daybright\Worked\Method;

/** Guesses that move towards the answer, each with its check; the same as in the figure. */
final readonly class GuessAndCheck implements Method
{
    private function __construct(private TwoUnknowns $figure)
    {
    }

    public static function name(): string
    {
        return 'guess';
    }

    public static function label(): string
    {
        return 'Guess and check';
    }

    public static function blank(): array
    {
        return TwoUnknowns::blank();
    }

    public static function fields(): array
    {
        return array_values(array_filter(
            TwoUnknowns::fields(),
            static fn (Field $field): bool => $field->name !== 'view',
        )) ?: TwoUnknowns::fields();
    }

    public static function from(Fields $quantities): self
    {
        return new self(TwoUnknowns::from(new Fields(['view' => 'table'] + $quantities->raw())));
    }

    public function example(): Example
    {
        $lines = [];
        [$a, $b] = [self::typed($this->figure->second->a), self::typed($this->figure->second->b)];
        foreach ((new GuessTable($this->figure))->guesses() as [$x, $y, $sum, $check]) {
            [$first, $second] = [self::typed($x), self::typed($y)];
            $lines[] = new Line(
                "{$a} × {$first} + {$b} × {$second} = ".self::typed($sum),
                "Try {$first} {$this->figure->firstName} and {$second} {$this->figure->secondName}: {$check}.",
                [1 => $first, 2 => $second],
            );
        }
        $answer = ucfirst($this->figure->firstName)
            .': '
            .TwoUnknowns::number($this->figure->x)
            .', '
            .$this->figure->secondName
            .': '
            .TwoUnknowns::number($this->figure->y);

        return new Example($this->figure->steps()[0]->script.' How many of each?', [...$lines, new Line('', "{$answer}.")], $answer);
    }

    public function vary(int $seed, int $level): Variation
    {
        return $this->figure->vary($seed, $level);
    }

    /** Numbers below zero stand in brackets. */
    private static function typed(\Brick\Math\BigRational $value): string
    {
        $number = Quantity::of($value)->typedNumber();

        return $value->isNegative() ? "({$number})" : $number;
    }
}
