<?php

declare(strict_types=1);

namespace Daybright\Maths;

use Brick\Math\BigRational;

/** A quantity in the base units of the SI, for comparing with other programs; currencies and angles in their own unit. */
final class SiValue
{
    private const UNITS = [
        'length' => 'm',
        'mass' => 'kg',
        'time' => 's',
        'current' => 'A',
        'temperature' => '°C',
        'temperature in K' => 'K',
        'temperature in °F' => '°F',
        'amount' => 'mol',
        'angle' => '°',
        'data' => 'B',
        'years' => 'years',
    ];

    /** @return array{value: float, units: object} exponent of each unit */
    public static function convert(Quantity $quantity): array
    {
        $units = [];
        foreach ($quantity->unit->dimensions as $base => $exponent) {
            $units[self::UNITS[$base] ?? (string) preg_replace('/^(?:money|count of) /', '', $base)] = $exponent;
        }
        // The base unit of mass is the gram in here, and the kilogram in the SI.
        $grams = BigRational::of(1000)->power(abs($quantity->unit->dimensions['mass'] ?? 0));
        $base = $quantity->base();
        $value = ($quantity->unit->dimensions['mass'] ?? 0) >= 0 ? $base->dividedBy($grams) : $base->multipliedBy($grams);

        return ['value' => $value->simplified()->toFloat(), 'units' => (object) $units];
    }
}
