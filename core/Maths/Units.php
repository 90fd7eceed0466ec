<?php

declare(strict_types=1);

namespace Daybright\Maths;

use Brick\Math\BigRational;

/**
 * The units a lesson knows, by every spelling in use.
 *
 * Factors: the SI Brochure; inch, foot, yard, mile, pound and ounce by the 1959 international agreement
 * (exact inch = 25.4 mm, NIST SP 811 appendix B); acre of 4840 square yards; stone of 14 pounds;
 * pint, quart and gallon by UK law (gallon of 4.546 09 l).
 */
final class Units
{
    private const PREFIXES = ['n' => ['nano', '1/1000000000'], 'μ' => ['micro', '1/1000000'], 'm' => ['milli', '1/1000'], 'c' => ['centi', '1/100'], 'd' => ['deci', '1/10'], '' => ['', '1'], 'h' => ['hecto', '100'], 'k' => ['kilo', '1000'], 'M' => ['mega', '1000000']];

    /** symbol => [names, dimensions, factor in base units, prefixes in use] */
    private const PREFIXED = [
        'm' => [['metre', 'meter'], ['length' => 1], '1', ['n', 'μ', 'm', 'c', 'd', '', 'k']],
        'L' => [['litre', 'liter'], ['length' => 3], '1/1000', ['m', 'c', 'd', '']],
        'g' => [['gram', 'gramme'], ['mass' => 1], '1', ['μ', 'm', '', 'k']],
        's' => [['second'], ['time' => 1], '1', ['n', 'μ', 'm', '']],
        'N' => [['newton'], ['length' => 1, 'mass' => 1, 'time' => -2], '1000', ['', 'k']],
        'J' => [['joule'], ['length' => 2, 'mass' => 1, 'time' => -2], '1000', ['', 'k', 'M']],
        'W' => [['watt'], ['length' => 2, 'mass' => 1, 'time' => -3], '1000', ['', 'k', 'M']],
        'Pa' => [['pascal'], ['length' => -1, 'mass' => 1, 'time' => -2], '1000', ['', 'h', 'k']],
        'Hz' => [['hertz'], ['time' => -1], '1', ['', 'k', 'M']],
        'A' => [['ampere', 'amp'], ['current' => 1], '1', ['m', '']],
        'V' => [['volt'], ['current' => -1, 'length' => 2, 'mass' => 1, 'time' => -3], '1000', ['m', '', 'k']],
        'Ω' => [['ohm'], ['current' => -2, 'length' => 2, 'mass' => 1, 'time' => -3], '1000', ['', 'k']],
        'C' => [['coulomb'], ['current' => 1, 'time' => 1], '1', ['']],
    ];

    /** symbol => [further spellings, dimensions, factor in base units] */
    private const OTHERS = [
        'in' => [['inch', 'inches'], ['length' => 1], '254/10000'],
        'ft' => [['foot', 'feet'], ['length' => 1], '3048/10000'],
        'yd' => [['yard', 'yards'], ['length' => 1], '9144/10000'],
        'mi' => [['mile', 'miles'], ['length' => 1], '1609344/1000'],
        'ha' => [['hectare', 'hectares'], ['length' => 2], '10000'],
        'acre' => [['acres'], ['length' => 2], '40468564224/10000000'],
        'pt' => [['pint', 'pints'], ['length' => 3], '454609/800000000'],
        'qt' => [['quart', 'quarts'], ['length' => 3], '454609/400000000'],
        'gal' => [['gallon', 'gallons'], ['length' => 3], '454609/100000000'],
        't' => [['tonne', 'tonnes'], ['mass' => 1], '1000000'],
        'lb' => [['lbs', 'pound-weight'], ['mass' => 1], '45359237/100000'],
        'oz' => [['ounce', 'ounces'], ['mass' => 1], '45359237/1600000'],
        'st' => [['stone'], ['mass' => 1], '635029318/100000'],
        'min' => [['mins', 'minute', 'minutes'], ['time' => 1], '60'],
        'h' => [['hr', 'hrs', 'hour', 'hours'], ['time' => 1], '3600'],
        'days' => [['day'], ['time' => 1], '86400'],
        'weeks' => [['week'], ['time' => 1], '604800'],
        // Calendar years: how many days they have is not fixed, so they do not turn into days.
        'years' => [['year'], ['years' => 1], '1'],
        'months' => [['month'], ['years' => 1], '1/12'],
        '°' => [['degree', 'degrees', 'deg'], ['angle' => 1], '1'],
        '°C' => [[], ['temperature' => 1], '1'],
        // The other thermometers begin elsewhere, so that no factor leads from one to another.
        '°F' => [[], ['temperature in °F' => 1], '1'],
        'K' => [['kelvin', 'kelvins'], ['temperature in K' => 1], '1'],
        'mph' => [[], ['length' => 1, 'time' => -1], '1609344/3600000'],
        'km/h' => [['kph', 'kmph'], ['length' => 1, 'time' => -1], '1000/3600'],
        'kWh' => [[], ['length' => 2, 'mass' => 1, 'time' => -2], '3600000000'],
        'mol' => [[], ['amount' => 1], '1'],
        '£' => [[], ['money £' => 1], '1'],
        'p' => [['pence', 'penny'], ['money £' => 1], '1/100'],
        '$' => [[], ['money $' => 1], '1'],
        '€' => [[], ['money €' => 1], '1'],
    ];

    /** Symbols that in running text are mostly words or names: they count where nothing but a measure can stand. */
    private const ONLY_IN_A_MEASURE = ['in', 'pt', 'qt', 'gal', 't', 'st', 'stone', 'A', 'V', 'C', 'K'];

    /** Units that are not the same in every country: what one of them is in litres is left alone. */
    private const DIFFER_BY_COUNTRY = ['pt', 'qt', 'gal'];

    private const COHERENT = ['length' => 'm', 'mass' => 'kg', 'time' => 's', 'current' => 'A', 'angle' => '°', 'temperature' => '°C', 'temperature in K' => 'K', 'amount' => 'mol'];

    /** @var array<string, Unit>|null */
    private static ?array $bySpelling = null;

    /** By what stands for it in running text, where “3 A” may be three areas and “20 in” the start of “20 in all”. */
    public static function find(string $spelling): ?Unit
    {
        return in_array($spelling, self::ONLY_IN_A_MEASURE, true) ? null : self::called($spelling);
    }

    /** By any spelling, where nothing but a measure can stand. */
    public static function called(string $spelling): ?Unit
    {
        return self::all()[$spelling] ?? self::all()[mb_strtolower($spelling)] ?? null;
    }

    /** The unit with a name of its own that a compound one comes to: kg for N/(m/s²), kWh for kW h; none where there is no such name. */
    public static function named(Unit $unit): ?Unit
    {
        foreach ($unit->isCompound() ? self::all() : [] as $named) {
            if ($named->measuresLike($unit) && $named->factor->isEqualTo($unit->factor) && ! self::differsByCountry($named)) {
                return $named;
            }
        }

        return null;
    }

    /** The unit of the metre, kilogram and second for the same kind of quantity: N for kN, m/s for km/h, kg for g. */
    public static function coherent(Unit $unit): Unit
    {
        $factor = BigRational::of(1000)->power(max(0, $unit->dimensions['mass'] ?? 0))->dividedBy(BigRational::of(1000)->power(max(0, -($unit->dimensions['mass'] ?? 0))));
        foreach (array_keys(self::PREFIXED) as $symbol) {
            $named = self::all()[$symbol];
            if ($named->measuresLike($unit) && $named->factor->isEqualTo($factor)) {
                return $named;
            }
        }
        [$above, $below] = ['', ''];
        foreach ($unit->dimensions as $base => $exponent) {
            if (! isset(self::COHERENT[$base])) {
                return $unit;
            }
            $raised = self::COHERENT[$base].([2 => '²', 3 => '³'][abs($exponent)] ?? '');
            [$above, $below] = $exponent > 0 ? [trim("{$raised} {$above}"), $below] : [$above, "{$below}/{$raised}"];
        }

        return Unit::of($above.$below, $unit->dimensions, $factor);
    }

    public static function differsByCountry(Unit $unit): bool
    {
        return in_array($unit->symbol(), self::DIFFER_BY_COUNTRY, true);
    }

    /** Reads a whole unit such as “cm³”, “square metres”, “km/h” or “m/s²”.
     *
     * @throws MathsError when it is not a unit
     */
    public static function read(string $written): Unit
    {
        $written = trim($written);
        if ($written === '') {
            return Unit::none();
        }
        if ($written === '%') {
            return Unit::percent();
        }
        $plain = self::called($written);
        if ($plain !== null) {
            return $plain;
        }
        try {
            $unit = Quantity::read('1 '.$written)->unit;
        } catch (MathsError) {
            throw MathsError::unknownUnit($written);
        }

        return $unit->isNone() ? throw MathsError::unknownUnit($written) : $unit;
    }

    /**
     * A unit of measure, or things that are counted: “marbles” or “pages” are a unit of their own.
     *
     * @throws MathsError when it is neither
     */
    public static function orThings(string $written): Unit
    {
        try {
            return self::read($written);
        } catch (MathsError $error) {
            return preg_match('/^\p{L}[\p{L} ]{0,20}$/u', trim($written)) === 1
                ? Unit::of(trim($written), ['count of '.mb_strtolower(trim($written)) => 1], 1)
                : throw $error;
        }
    }

    /** @return array<string, Unit> */
    private static function all(): array
    {
        if (self::$bySpelling !== null) {
            return self::$bySpelling;
        }
        $units = [];
        foreach (self::OTHERS as $symbol => [$spellings, $dimensions, $factor]) {
            $units += array_fill_keys([$symbol, ...$spellings], Unit::of($symbol, $dimensions, $factor));
        }
        foreach (self::PREFIXED as $symbol => [$names, $dimensions, $factor, $prefixes]) {
            foreach ($prefixes as $prefix) {
                [$called, $times] = self::PREFIXES[$prefix];
                $unit = Unit::of($symbol === 'L' && $prefix !== '' ? $prefix.'l' : $prefix.$symbol, $dimensions, BigRational::of($factor)->multipliedBy($times));
                $units += array_fill_keys(self::spellings($prefix, $symbol, $called, $names), $unit);
            }
        }

        return self::$bySpelling = [...$units, 'l' => $units['L'], 'kilo' => $units['kg'], 'kilos' => $units['kg'], 'cc' => Unit::of('cm³', ['length' => 3], '1/1000000')];
    }

    /**
     * @param  list<string>  $names
     * @return list<string>
     */
    private static function spellings(string $prefix, string $symbol, string $called, array $names): array
    {
        $spellings = [$prefix.$symbol];
        if ($symbol === 'L') {
            $spellings[] = $prefix.'l';
        }
        if ($prefix === 'μ') {
            $spellings[] = 'µ'.$symbol;
        }
        if ($symbol === 's' && $prefix === '') {
            array_push($spellings, 'sec', 'secs');
        }
        foreach ($names as $name) {
            array_push($spellings, $called.$name, $called.$name.'s');
        }

        return $spellings;
    }
}
