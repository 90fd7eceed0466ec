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
    private const PREFIXES = [
        'p' => ['pico', '1/1000000000000'],
        'n' => ['nano', '1/1000000000'],
        'μ' => ['micro', '1/1000000'],
        'm' => ['milli', '1/1000'],
        'c' => ['centi', '1/100'],
        'd' => ['deci', '1/10'],
        '' => ['', '1'],
        'da' => ['deca', '10'],
        'h' => ['hecto', '100'],
        'k' => ['kilo', '1000'],
        'M' => ['mega', '1000000'],
        'G' => ['giga', '1000000000'],
        'T' => ['tera', '1000000000000'],
    ];

    private const SMALL = ['p', 'n', 'μ', 'm', ''];

    private const ALL = ['p', 'n', 'μ', 'm', '', 'k', 'M', 'G', 'T'];

    private const EVERYDAY = ['n', 'μ', 'm', 'c', 'd', '', 'da', 'h', 'k', 'M', 'G'];

    /** symbol => [names, dimensions, factor in base units, prefixes in use] */
    private const PREFIXED = [
        'm' => [['metre', 'meter'], ['length' => 1], '1', ['p', ...self::EVERYDAY, 'T']],
        'L' => [['litre', 'liter'], ['length' => 3], '1/1000', self::EVERYDAY],
        'g' => [['gram', 'gramme'], ['mass' => 1], '1', self::EVERYDAY],
        's' => [['second'], ['time' => 1], '1', self::SMALL],
        'N' => [['newton'], ['length' => 1, 'mass' => 1, 'time' => -2], '1000', ['m', '', 'k', 'M']],
        'J' => [['joule'], ['length' => 2, 'mass' => 1, 'time' => -2], '1000', self::ALL],
        'W' => [['watt'], ['length' => 2, 'mass' => 1, 'time' => -3], '1000', self::ALL],
        'Pa' => [['pascal'], ['length' => -1, 'mass' => 1, 'time' => -2], '1000', ['m', '', 'h', 'k', 'M', 'G']],
        'Hz' => [['hertz'], ['time' => -1], '1', self::ALL],
        'A' => [['ampere', 'amp'], ['current' => 1], '1', self::ALL],
        'V' => [['volt'], ['current' => -1, 'length' => 2, 'mass' => 1, 'time' => -3], '1000', self::ALL],
        'Ω' => [['ohm'], ['current' => -2, 'length' => 2, 'mass' => 1, 'time' => -3], '1000', self::ALL],
        'C' => [['coulomb'], ['current' => 1, 'time' => 1], '1', self::SMALL],
        'F' => [['farad'], ['current' => 2, 'length' => -2, 'mass' => -1, 'time' => 4], '1/1000', self::SMALL],
        'H' => [['henry'], ['current' => -2, 'length' => 2, 'mass' => 1, 'time' => -2], '1000', self::SMALL],
        'T' => [['tesla'], ['current' => -1, 'mass' => 1, 'time' => -2], '1000', self::SMALL],
        'mol' => [['mole'], ['amount' => 1], '1', self::SMALL],
        'eV' => [
            ['electronvolt'],
            ['length' => 2, 'mass' => 1, 'time' => -2],
            '1602176634/10000000000000000000000000',
            ['m', '', 'k', 'M', 'G'],
        ],
        'cal' => [['calorie'], ['length' => 2, 'mass' => 1, 'time' => -2], '4184', ['', 'k']],
        'Wh' => [['watt-hour'], ['length' => 2, 'mass' => 1, 'time' => -2], '3600000', ['m', '', 'k', 'M', 'G']],
        'Ah' => [['ampere-hour', 'amp-hour'], ['current' => 1, 'time' => 1], '3600', ['m', '']],
        'bar' => [['bar'], ['length' => -1, 'mass' => 1, 'time' => -2], '100000000', ['m', '']],
        'B' => [['byte'], ['data' => 1], '1', ['', 'k', 'M', 'G', 'T']],
    ];

    /** symbol => [further spellings, dimensions, factor in base units] */
    private const OTHERS = [
        'in' => [['inch', 'inches'], ['length' => 1], '254/10000'],
        'ft' => [['foot', 'feet'], ['length' => 1], '3048/10000'],
        'yd' => [['yard', 'yards'], ['length' => 1], '9144/10000'],
        'mi' => [['mile', 'miles'], ['length' => 1], '1609344/1000'],
        // IAU 2012 resolution B2; the light year of 365.25 days at 299 792 458 m/s.
        'AU' => [['au', 'astronomical unit', 'astronomical units'], ['length' => 1], '149597870700'],
        'ly' => [['light-year', 'light-years'], ['length' => 1], '9460730472580800'],
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
        'decades' => [['decade'], ['years' => 1], '10'],
        'centuries' => [['century'], ['years' => 1], '100'],
        '°' => [['degree', 'degrees', 'deg'], ['angle' => 1], '1'],
        '°C' => [['℃'], ['temperature' => 1], '1'],
        // The other thermometers begin elsewhere, so that no factor leads from one to another.
        '°F' => [['℉'], ['temperature in °F' => 1], '1'],
        'K' => [['kelvin', 'kelvins'], ['temperature in K' => 1], '1'],
        'atm' => [['atmosphere', 'atmospheres'], ['length' => -1, 'mass' => 1, 'time' => -2], '101325000'],
        'rpm' => [[], ['time' => -1], '1/60'],
        'knots' => [['knot', 'kn'], ['length' => 1, 'time' => -1], '1852/3600'],
        '£' => [[], ['money £' => 1], '1'],
        'p' => [['pence', 'penny'], ['money £' => 1], '1/100'],
        '$' => [[], ['money $' => 1], '1'],
        '¢' => [['cent', 'cents'], ['money $' => 1], '1/100'],
        '€' => [[], ['money €' => 1], '1'],
        '₹' => [['rupee', 'rupees'], ['money ₹' => 1], '1'],
        '¥' => [['yen'], ['money ¥' => 1], '1'],
    ];

    /** Signs of money that stand before their number. */
    public const MONEY = ['£', '$', '€', '₹', '¥'];

    /**
     * Symbols that in running text are mostly words or names: they count where nothing but a measure can stand.
     */
    private const ONLY_IN_A_MEASURE = [
        'in',
        'pt',
        'qt',
        'gal',
        't',
        'st',
        'stone',
        'A',
        'V',
        'C',
        'K',
        'F',
        'H',
        'T',
        'B',
        'M',
        'bar',
        'bars',
        'cal',
        'cals',
        'decade',
        'decades',
        'century',
        'centuries',
        'AU',
        'au',
        'Ah',
        'dam',
        'dag',
        'das',
        'hm',
        'hg',
        'Gm',
        'Gg',
        'Tm',
        'pm',
        'ps',
        'ns',
        'pT',
        'mol',
        'mole',
        'moles',
        'dm',
        'dg',
        'kn',
        'knot',
        'knots',
        'ly',
        'atm',
        'rpm',
        'yen',
        'byte',
        'bytes',
        'mH',
        'mT',
        'pA',
        'pW',
        'mW',
        'MW',
        'TV',
        'pV',
    ];

    /** Units that are not the same in every country: what one of them is in litres is left alone. */
    private const DIFFER_BY_COUNTRY = ['pt', 'qt', 'gal'];

    private const COHERENT = [
        'length' => 'm',
        'mass' => 'kg',
        'time' => 's',
        'current' => 'A',
        'angle' => '°',
        'temperature' => '°C',
        'temperature in K' => 'K',
        'amount' => 'mol',
    ];

    /** Units put together of others: symbols with their exponents. Written close, “Nm” is a newton metre and not a nanometre. */
    private const COMPOUND = [
        'cc' => ['cm' => 3],
        'km/h' => ['km' => 1, 'h' => -1],
        'kph' => ['km' => 1, 'h' => -1],
        'kmph' => ['km' => 1, 'h' => -1],
        'mph' => ['mi' => 1, 'h' => -1],
        'Nm' => ['N' => 1, 'm' => 1],
        'kNm' => ['kN' => 1, 'm' => 1],
        'Ns' => ['N' => 1, 's' => 1],
        'Js' => ['J' => 1, 's' => 1],
    ];

    /** @var array<string, array{string, array<string, int>, string, string}>|null */
    private static ?array $definitions = null;

    /** @var array<string, Unit> by symbol */
    private static array $made = [];

    /** @var array<string, Unit>|null */
    private static ?array $all = null;

    /** @var array<string, true> symbols that stand for what others come to: N, kJ, MW, and not mJ */
    private static array $usual = [];

    /** @var array<string, true> spelled out, so that capitals mean nothing */
    private static array $names = [];

    /** By what stands for it in running text, where “3 A” may be three areas and “20 in” the start of “20 in all”. */
    public static function find(string $spelling): ?Unit
    {
        return in_array($spelling, self::ONLY_IN_A_MEASURE, true) ? null : self::called($spelling);
    }

    /** By any spelling, where nothing but a measure can stand. */
    public static function called(string $spelling): ?Unit
    {
        return self::spelled($spelling) ?? self::inOtherCase($spelling);
    }

    /** The symbol that a word is in another case and of a kind that is expected: “kw” for kW, “ma” for mA. */
    public static function inAnyCase(string $word, Unit $expected): ?string
    {
        $lower = mb_strtolower($word);
        if (mb_strtolower($expected->symbol()) === $lower) {
            return $expected->symbol();
        }
        foreach (self::all() as $spelling => $unit) {
            if (mb_strtolower($spelling) === $lower && $unit->measuresLike($expected)) {
                return $spelling;
            }
        }

        return null;
    }

    /** The case of a symbol tells a metre from a mega-something; that of a name, and of “KM” and “Kg”, tells nothing. */
    private static function inOtherCase(string $spelling): ?Unit
    {
        $lower = mb_strtolower($spelling);
        $isName = isset(self::$names[$lower]) || preg_match('/^[KC](?:m|g|M|G)$/', $spelling) === 1;

        return $lower !== $spelling && $isName ? self::spelled($lower) : null;
    }

    /** The unit with a name of its own that a compound one comes to: kg for N/(m/s²), kWh for kW h; none where there is no such name. */
    public static function named(Unit $unit): ?Unit
    {
        foreach ($unit->isCompound() ? self::all() : [] as $named) {
            if (
                $named->measuresLike($unit)
                && $named->factor->isEqualTo($unit->factor)
                && ! $named->isCompound()
                && ! self::differsByCountry($named)
                && isset(self::$usual[$named->symbol()])
            ) {
                return $named;
            }
        }

        return null;
    }

    /** The unit of the metre, kilogram and second for the same kind of quantity: N for kN, m/s for km/h, kg for g. */
    public static function coherent(Unit $unit): Unit
    {
        $factor = BigRational::of(1000)->power(max(0, $unit->dimensions['mass'] ?? 0))
            ->dividedBy(BigRational::of(1000)->power(max(0, -($unit->dimensions['mass'] ?? 0))));
        foreach (array_keys(self::PREFIXED) as $symbol) {
            $named = self::unit($symbol);
            if (in_array($symbol, ['eV', 'cal', 'Wh', 'Ah', 'bar'], true)) {
                continue;
            }
            if ($named->measuresLike($unit) && $named->factor->isEqualTo($factor)) {
                return $named;
            }
        }
        $coherent = Unit::none();
        foreach ($unit->dimensions as $base => $exponent) {
            if (! isset(self::COHERENT[$base])) {
                return $unit;
            }
            $part = self::unit(self::COHERENT[$base])->power(abs($exponent));
            // The mass before the length, as in kg m/s².
            $coherent = $exponent > 0 ? ($base === 'mass' ? $part->times($coherent) : $coherent->times($part)) : $coherent->per($part);
        }

        return $coherent;
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
                ? Unit::defined(trim($written), ['count of '.mb_strtolower(trim($written)) => 1], 1)
                : throw $error;
        }
    }

    /** @return array<string, Unit> by every spelling */
    private static function all(): array
    {
        $spellings = [...array_keys(self::definitions()), ...array_keys(self::COMPOUND)];

        return self::$all ??= array_combine($spellings, array_map(self::unit(...), $spellings));
    }

    /** Most of what is written needs few units: each is made when it is first met. */
    private static function spelled(string $spelling): ?Unit
    {
        return isset(self::definitions()[$spelling]) || isset(self::COMPOUND[$spelling]) ? self::unit($spelling) : null;
    }

    private static function unit(string $spelling): Unit
    {
        $known = self::definitions()[$spelling] ?? null;
        if ($known === null) {
            return self::$made[$spelling] ??= self::compound($spelling);
        }
        [$symbol, $dimensions, $factor, $times] = $known;

        return self::$made[$symbol] ??= Unit::defined($symbol, $dimensions, BigRational::of($factor)->multipliedBy($times));
    }

    private static function compound(string $spelling): Unit
    {
        $whole = Unit::none();
        foreach (self::COMPOUND[$spelling] as $symbol => $exponent) {
            $part = self::unit($symbol)->power(abs($exponent));
            $whole = $exponent > 0 ? $whole->times($part) : $whole->per($part);
        }

        return $spelling === 'mph' ? $whole->called('mph') : $whole;
    }

    /** @return array<string, array{string, array<string, int>, string, string}> spelling => symbol, dimensions, factor, times */
    private static function definitions(): array
    {
        if (self::$definitions !== null) {
            return self::$definitions;
        }
        $definitions = [];
        foreach (self::OTHERS as $symbol => [$spellings, $dimensions, $factor]) {
            $definitions += array_fill_keys([$symbol, ...$spellings], [$symbol, $dimensions, $factor, '1']);
            self::$usual[$symbol] = true;
            self::$names += array_fill_keys(
                array_filter(
                    [$symbol, ...$spellings],
                    static fn (string $spelling): bool => strlen($spelling) > 2
                        || in_array($spelling, ['ft', 'yd', 'lb', 'oz', 'hr'], true),
                ),
                true,
            );
        }
        foreach (self::PREFIXED as $symbol => [$names, $dimensions, $factor, $prefixes]) {
            foreach ($prefixes as $prefix) {
                [$called, $times] = self::PREFIXES[$prefix];
                $own = $symbol === 'L' && $prefix !== '' ? $prefix.'l' : $prefix.$symbol;
                $definitions += array_fill_keys(
                    self::spellings($prefix, $symbol, $called, $names),
                    [$own, $dimensions, $factor, $times],
                );
                self::$usual += in_array($prefix, ['', 'k', 'M'], true) && ! in_array($symbol, ['eV', 'cal', 'bar', 'Ah'], true)
                    ? [$own => true]
                    : [];
                foreach ($names as $name) {
                    self::$names += [$called.$name => true, $called.$name.'s' => true];
                }
            }
        }
        self::$names += ['sec' => true, 'secs' => true, 'kilo' => true, 'kilos' => true, 'mph' => true];

        return self::$definitions = $definitions + [
            'l' => $definitions['L'],
            'kilo' => $definitions['kg'],
            'kilos' => $definitions['kg'],
            'henries' => $definitions['H'],
        ];
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
