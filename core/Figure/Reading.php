<?php

declare(strict_types=1);

namespace Daybright\Figure;

use Daybright\Lesson\Fields;
use Daybright\Maths\MathsError;
use Daybright\Maths\Quantity;
use Daybright\Maths\Unit;
use Daybright\Maths\Units;

/** Reads a figure's quantities as a teacher types them, and says what is wrong in a sentence. */
final readonly class Reading
{
    public function __construct(private Fields $quantities)
    {
    }

    /** @throws InvalidQuantities */
    public function whole(string $field, string $called, int $least, int $most): int
    {
        $value = $this->quantities->raw()[$field] ?? null;
        if (! is_int($value) || $value < $least || $value > $most) {
            throw InvalidQuantities::because("{$called} must be a whole number from {$least} to {$most}.", $field);
        }

        return $value;
    }

    /** An amount above zero: a whole number, decimal or fraction, in the figure's unit.
     *
     * @throws InvalidQuantities
     */
    public function amount(string $field, string $called, Unit $unit): Quantity
    {
        $written = $this->quantities->raw()[$field] ?? '';
        $written = is_int($written) || is_float($written) ? (string) $written : $written;
        try {
            $amount = is_string($written) ? Quantity::read($written) : null;
        } catch (MathsError) {
            $amount = null;
        }
        if ($amount === null || ! $amount->value->isPositive()) {
            throw InvalidQuantities::because("{$called} must be a number above zero, for example 12, 4.5 or 3/4.", $field);
        }
        if ($amount->unit->isNone()) {
            return Quantity::of($amount->value, $unit);
        }
        if (! $amount->unit->measuresLike($unit)) {
            throw InvalidQuantities::because("{$called} is given in {$amount->unit->symbol()}, but the figure is in {$unit->written()}.", $field);
        }

        return $amount->in($unit);
    }

    /** @throws InvalidQuantities */
    public function unit(string $field = 'unit'): Unit
    {
        $written = trim($this->quantities->text($field, ''));
        try {
            return Units::read($written);
        } catch (MathsError) {
            // “marbles” or “pages” count things: a unit of their own.
            if (preg_match('/^\p{L}[\p{L} ]{0,20}$/u', $written) === 1) {
                return Unit::of($written, ['count of '.mb_strtolower($written) => 1], 1);
            }
            throw InvalidQuantities::because("“{$written}” is not a unit. Use for example cm, kg, £ or the name of the things counted.", $field);
        }
    }

    /**
     * @param  non-empty-list<string>  $choices
     *
     * @throws InvalidQuantities
     */
    public function choice(string $field, string $called, array $choices): string
    {
        $value = $this->quantities->raw()[$field] ?? $choices[0];
        if (! is_string($value) || ! in_array($value, $choices, true)) {
            throw InvalidQuantities::because("{$called} must be one of: ".implode(', ', $choices).'.', $field);
        }

        return $value;
    }

    public function name(string $field, string $default): string
    {
        $name = trim($this->quantities->text($field, ''));

        return $name === '' ? $default : mb_substr($name, 0, 24);
    }

    public function has(string $field): bool
    {
        return $this->quantities->has($field);
    }
}
