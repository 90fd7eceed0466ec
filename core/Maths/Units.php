<?php

declare(strict_types=1);

namespace Daybright\Maths;

/**
 * The units a lesson knows, by every spelling in use.
 *
 * Factors: the SI Brochure; inch, foot, yard, mile, pound and ounce by the 1959 international agreement
 * (exact inch = 25.4 mm, NIST SP 811 appendix B); imperial pint by UK law (0.568 261 25 l).
 */
final class Units
{
    /** symbol => [spellings, dimensions, factor in base units] */
    private const TABLE = [
        'mm' => [['mm', 'millimetre', 'millimetres', 'millimeter', 'millimeters'], ['length' => 1], '1/1000'],
        'cm' => [['cm', 'centimetre', 'centimetres', 'centimeter', 'centimeters'], ['length' => 1], '1/100'],
        'm' => [['m', 'metre', 'metres', 'meter', 'meters'], ['length' => 1], '1'],
        'km' => [['km', 'kilometre', 'kilometres', 'kilometer', 'kilometers'], ['length' => 1], '1000'],
        'in' => [['inch', 'inches'], ['length' => 1], '254/10000'],
        'ft' => [['ft', 'foot', 'feet'], ['length' => 1], '3048/10000'],
        'yd' => [['yd', 'yard', 'yards'], ['length' => 1], '9144/10000'],
        'mi' => [['mi', 'mile', 'miles'], ['length' => 1], '1609344/1000'],
        'ml' => [['ml', 'mL', 'millilitre', 'millilitres', 'milliliter', 'milliliters'], ['length' => 3], '1/1000000'],
        'cl' => [['cl', 'cL', 'centilitre', 'centilitres'], ['length' => 3], '1/100000'],
        'L' => [['l', 'L', 'litre', 'litres', 'liter', 'liters'], ['length' => 3], '1/1000'],
        'pt' => [['pint', 'pints'], ['length' => 3], '56826125/100000000000'],
        'ha' => [['ha', 'hectare', 'hectares'], ['length' => 2], '10000'],
        'mg' => [['mg', 'milligram', 'milligrams'], ['mass' => 1], '1/1000'],
        'g' => [['g', 'gram', 'grams', 'gramme', 'grammes'], ['mass' => 1], '1'],
        'kg' => [['kg', 'kilogram', 'kilograms', 'kilo', 'kilos'], ['mass' => 1], '1000'],
        't' => [['tonne', 'tonnes'], ['mass' => 1], '1000000'],
        'lb' => [['lb', 'lbs', 'pound-weight'], ['mass' => 1], '45359237/100000'],
        'oz' => [['oz', 'ounce', 'ounces'], ['mass' => 1], '45359237/1600000'],
        'ms' => [['ms', 'millisecond', 'milliseconds'], ['time' => 1], '1/1000'],
        's' => [['s', 'sec', 'second', 'seconds'], ['time' => 1], '1'],
        'min' => [['min', 'mins', 'minute', 'minutes'], ['time' => 1], '60'],
        'h' => [['h', 'hr', 'hrs', 'hour', 'hours'], ['time' => 1], '3600'],
        'days' => [['day', 'days'], ['time' => 1], '86400'],
        'weeks' => [['week', 'weeks'], ['time' => 1], '604800'],
        // Calendar years: how many days they have is not fixed, so they do not turn into days.
        'years' => [['year', 'years'], ['years' => 1], '1'],
        'months' => [['month', 'months'], ['years' => 1], '1/12'],
        '°' => [['°', 'degree', 'degrees'], ['angle' => 1], '1'],
        '°C' => [['°C'], ['temperature' => 1], '1'],
        'mph' => [['mph'], ['length' => 1, 'time' => -1], '1609344/3600000'],
        'N' => [['N', 'newton', 'newtons'], ['length' => 1, 'mass' => 1, 'time' => -2], '1000'],
        'J' => [['J', 'joule', 'joules'], ['length' => 2, 'mass' => 1, 'time' => -2], '1000'],
        'W' => [['W', 'watt', 'watts'], ['length' => 2, 'mass' => 1, 'time' => -3], '1000'],
        'A' => [['amp', 'amps', 'ampere', 'amperes'], ['current' => 1], '1'],
        '£' => [['£'], ['money £' => 1], '1'],
        'p' => [['p', 'pence', 'penny'], ['money £' => 1], '1/100'],
        '$' => [['$'], ['money $' => 1], '1'],
        '€' => [['€'], ['money €' => 1], '1'],
    ];

    /** @var array<string, Unit>|null */
    private static ?array $bySpelling = null;

    public static function find(string $spelling): ?Unit
    {
        return self::all()[$spelling] ?? self::all()[mb_strtolower($spelling)] ?? null;
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
        $plain = self::find($written);
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
        foreach (self::TABLE as $symbol => [$spellings, $dimensions, $factor]) {
            $unit = Unit::of($symbol, $dimensions, $factor);
            foreach ($spellings as $spelling) {
                $units[$spelling] = $unit;
            }
        }

        return self::$bySpelling = $units;
    }
}
