<?php

declare(strict_types=1);

namespace Daybright\Figure\PlaceValue;

use Brick\Math\BigRational;

/** A column of the place-value table. */
enum Place: int
{
    case Millions = 6;
    case HundredThousands = 5;
    case TenThousands = 4;
    case Thousands = 3;
    case Hundreds = 2;
    case Tens = 1;
    case Ones = 0;
    case Tenths = -1;
    case Hundredths = -2;
    case Thousandths = -3;

    /** As it heads its column (common practice in primary schools). */
    public function short(): string
    {
        return match ($this) {
            self::Millions => 'M',
            self::HundredThousands => 'HTh',
            self::TenThousands => 'TTh',
            self::Thousands => 'Th',
            self::Hundreds => 'H',
            self::Tens => 'T',
            self::Ones => 'O',
            self::Tenths => 't',
            self::Hundredths => 'h',
            self::Thousandths => 'th',
        };
    }

    public function label(): string
    {
        return mb_strtolower((string) preg_replace('/(?<=[a-z])(?=[A-Z])/', ' ', $this->name));
    }

    /** What a one is worth here. */
    public function worth(): BigRational
    {
        $power = BigRational::of('1'.str_repeat('0', abs($this->value)));

        return $this->value < 0 ? $power->reciprocal() : $power;
    }
}
