<?php

declare(strict_types=1);

namespace Daybright\Maths;

use Brick\Math\BigRational;

/** Thermometers that begin at different places: 0 °C is 32 °F and 273.15 K (SI Brochure; NIST SP 811). */
final class Temperature
{
    /** symbol => degrees of this scale to one of Celsius, and what it shows at 0 °C */
    private const SCALES = ['°C' => ['1', '0'], '°F' => ['9/5', '32'], 'K' => ['1', '273.15']];

    public static function areBoth(Unit $from, Unit $to): bool
    {
        return isset(self::SCALES[$from->symbol()], self::SCALES[$to->symbol()]) && $from->symbol() !== $to->symbol();
    }

    public static function change(Quantity $temperature, Unit $to): Quantity
    {
        [$degrees, $zero] = self::SCALES[$temperature->unit->symbol()];
        [$toDegrees, $toZero] = self::SCALES[$to->symbol()];
        $celsius = $temperature->value->minus(BigRational::of($zero))->dividedBy(BigRational::of($degrees));

        return new Quantity(
            $celsius->multipliedBy(BigRational::of($toDegrees))->plus(BigRational::of($toZero))->simplified(),
            $to,
            $temperature->exact,
        );
    }

    /** The sum, as it is worked out by hand. */
    public static function sum(Quantity $temperature, Unit $to): string
    {
        $number = str_starts_with($temperature->typedNumber(), '-') ? "({$temperature->typedNumber()})" : $temperature->typedNumber();

        return match ([$temperature->unit->symbol(), $to->symbol()]) {
            ['°C', '°F'] => "{$number} × 9/5 + 32",
            ['°F', '°C'] => "({$number} − 32) × 5/9",
            ['°C', 'K'] => "{$number} + 273.15",
            ['K', '°C'] => "{$number} − 273.15",
            ['°F', 'K'] => "({$number} − 32) × 5/9 + 273.15",
            default => "({$number} − 273.15) × 9/5 + 32",
        };
    }

    public static function rule(Unit $from, Unit $to): string
    {
        return match ([$from->symbol(), $to->symbol()]) {
            ['°C', '°F'] => 'A degree Celsius is 9/5 of a degree Fahrenheit, and 0 °C is 32 °F.',
            ['°F', '°C'] => '32 °F is 0 °C, and a degree Fahrenheit is 5/9 of a degree Celsius.',
            ['°C', 'K'] => 'The steps are the same, and 0 °C is 273.15 K.',
            ['K', '°C'] => 'The steps are the same, and 273.15 K is 0 °C.',
            default => 'We go by degrees Celsius: 0 °C is 32 °F and 273.15 K.',
        };
    }
}
