<?php

declare(strict_types=1);

namespace Daybright\Question\Kinds\NumberWithUnit;

use Closure;
use Daybright\Lesson\Fields;
use Daybright\Maths\MathsError;
use Daybright\Maths\Quantity;
use Daybright\Maths\Units;

/** A known way of going wrong, and the number that it gives. */
final readonly class Slip
{
    private function __construct(private string $value, private string $unit, public string $why)
    {
    }

    public static function from(Fields $fields): self
    {
        return new self($fields->text('value'), $fields->text('unit', ''), $fields->text('why'));
    }

    /** @param  Closure(string): string  $plain */
    public function inWords(Closure $plain): self
    {
        return new self($this->value, $this->unit, $plain($this->why));
    }

    /** A missing unit does not hide the slip. */
    public function gives(Quantity $answer): bool
    {
        try {
            $known = Quantity::of(Quantity::read($this->value)->value, Units::orThings($this->unit));
        } catch (MathsError) {
            return false;
        }

        return $known->equals($answer) || ($answer->unit->isNone() && $known->value->isEqualTo($answer->value));
    }
}
