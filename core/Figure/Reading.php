<?php

declare(strict_types=1);

namespace Daybright\Figure;

use Brick\Math\BigRational;
use Daybright\Lesson\Fields;
use Daybright\Lesson\InvalidLesson;
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
        // A number typed into a plain text field counts as well.
        $value = is_string($value) && preg_match('/^\d{1,9}$/', trim($value)) === 1 ? (int) $value : $value;
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
        try {
            $amount = Quantity::read($this->written($field));
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
            throw InvalidQuantities::because(
                "{$called} is given in {$amount->unit->symbol()}, but the figure is in {$unit->written()}.",
                $field,
            );
        }

        return $amount->in($unit);
    }

    /** @throws InvalidQuantities */
    public function unit(string $field = 'unit'): Unit
    {
        $written = trim($this->written($field));
        try {
            return Units::orThings($written);
        } catch (MathsError) {
            throw InvalidQuantities::because(
                "“{$written}” is not a unit. Use for example cm, kg, £ or the name of the things counted.",
                $field,
            );
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

    /** @throws InvalidQuantities when it is too long to be shown */
    public function name(string $field, string $default, int $longest = 24): string
    {
        $name = trim($this->written($field));

        if (mb_strlen($name) > $longest) {
            throw InvalidQuantities::because(
                '“'.mb_substr($name, 0, 20)."…” is too long to be shown. Keep it under {$longest} letters.",
                $field,
            );
        }

        return $name === '' ? $default : $name;
    }

    /**
     * Any number: whole, decimal or fraction, below zero too; without a unit.
     *
     * @throws InvalidQuantities
     */
    public function number(string $field, string $called): BigRational
    {
        return self::asNumber($this->written($field)) ?? throw InvalidQuantities::because(
            "{$called} must be a number, for example 12, −4.5 or 3/4.",
            $field,
        );
    }

    /** A number above, at or below zero as it was typed; null when it is none. */
    public static function asNumber(string $written): ?BigRational
    {
        try {
            $number = Quantity::read(trim($written));
        } catch (MathsError) {
            return null;
        }

        return $number->unit->isNone() ? $number->value : null;
    }

    /**
     * The lines that were typed, without the empty ones.
     *
     * @return list<string>
     *
     * @throws InvalidQuantities when there are too few or too many
     */
    public function lines(string $field, string $called, int $least, int $most, int $longest = 60): array
    {
        $lines = array_values(array_filter(
            array_map(trim(...), explode("\n", $this->written($field))),
            static fn (string $line): bool => $line !== '',
        ));
        if (count($lines) < $least || count($lines) > $most) {
            throw InvalidQuantities::because(
                "{$called}: write from {$least} to {$most}, each on a line of its own. There are ".count($lines).' now.',
                $field,
            );
        }
        foreach ($lines as $line) {
            if (mb_strlen($line) > $longest) {
                throw InvalidQuantities::because(
                    '“'.mb_substr($line, 0, 24)."…” is too long. Keep each line under {$longest} letters.",
                    $field,
                );
            }
        }

        return $lines;
    }

    /** @throws InvalidQuantities */
    public function text(string $field, string $called, int $longest): string
    {
        $text = trim($this->written($field));
        if ($text === '' || mb_strlen($text) > $longest) {
            throw InvalidQuantities::because(
                $text === '' ? "{$called} is still empty. Type it in." : "{$called} is too long. Keep it under {$longest} letters.",
                $field,
            );
        }

        return $text;
    }

    public function flag(string $field): bool
    {
        return ($this->quantities->raw()[$field] ?? false) === true;
    }

    /** @return list<Fields> */
    public function items(string $field): array
    {
        try {
            return $this->quantities->list($field);
        } catch (InvalidLesson) {
            throw InvalidQuantities::because('This part of the figure cannot be read. Choose the figure again.', $field);
        }
    }

    private function written(string $field): string
    {
        $written = $this->quantities->raw()[$field] ?? '';

        return is_string($written) || is_int($written) || is_float($written) ? (string) $written : '';
    }

    public function has(string $field): bool
    {
        return $this->quantities->has($field);
    }
}
