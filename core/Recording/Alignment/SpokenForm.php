<?php

declare(strict_types=1);

namespace Daybright\Recording\Alignment;

/** How English says what is written with figures and signs. Other languages leave that to their voice. */
final class SpokenForm
{
    private const ONES = [
        'zero', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve', 'thirteen',
        'fourteen', 'fifteen', 'sixteen', 'seventeen', 'eighteen', 'nineteen',
    ];

    private const TENS = [2 => 'twenty', 'thirty', 'forty', 'fifty', 'sixty', 'seventy', 'eighty', 'ninety'];

    private const LARGE = [1_000_000_000 => 'billion', 1_000_000 => 'million', 1000 => 'thousand'];

    private const UNITS = [
        'm/s²' => 'metres per second squared', 'm/s' => 'metres per second', 'km/h' => 'kilometres per hour', '°C' => 'degrees celsius',
        'kg' => 'kilograms', 'km' => 'kilometres', 'cm' => 'centimetres', 'mm' => 'millimetres', '%' => 'percent', 'Hz' => 'hertz',
        'm²' => 'square metres', 'm³' => 'cubic metres', 'cm²' => 'square centimetres', 'cm³' => 'cubic centimetres', 'ml' => 'millilitres',
        'min' => 'minutes',
    ];

    private const SIGNS = [
        '=' => 'equals', '+' => 'plus', '−' => 'minus', '×' => 'times', '÷' => 'divided by', '→' => 'gives', '≈' => 'is about',
        '&' => 'and', '½' => 'half', '¼' => 'quarter', '²' => 'squared', '³' => 'cubed', 'α' => 'alpha', 'β' => 'beta', 'γ' => 'gamma',
        'λ' => 'lambda', 'π' => 'pie', 'θ' => 'theta', 'μ' => 'mu', 'ρ' => 'rho', 'ω' => 'omega', 'Δ' => 'delta', 'Ω' => 'ohms',
        '%' => 'percent', '°' => 'degrees', '/' => 'over', '<' => 'is less than', '>' => 'is greater than',
    ];

    private const LOWERED = [
        '₀' => '0', '₁' => '1', '₂' => '2', '₃' => '3', '₄' => '4', '₅' => '5', '₆' => '6', '₇' => '7', '₈' => '8', '₉' => '9',
    ];

    /** Years are said in pairs of figures. */
    private const FIRST_YEAR = 1100;

    private const LAST_YEAR = 2099;

    /** @return list<string> words in small letters */
    public static function of(string $written): array
    {
        $token = (string) preg_replace('/^[.,;:!?"\'()“”‘’…]+|[.,;:!?"\'()“”‘’…]+$/u', '', $written);
        if ($token === '') {
            return [];
        }
        if (isset(self::UNITS[$token])) {
            return explode(' ', self::UNITS[$token]);
        }
        if (preg_match('/^[A-Za-z][A-Za-z\'’-]*$/u', $token) === 1) {
            return explode('-', strtolower(str_replace('’', "'", $token)));
        }

        return self::year($token) ?? self::pieces(strtr($token, self::LOWERED));
    }

    /** @return list<string>|null */
    private static function year(string $token): ?array
    {
        $year = (int) $token;
        if (preg_match('/^\d{4}$/', $token) !== 1 || $year < self::FIRST_YEAR || $year > self::LAST_YEAR || $year % 1000 < 10) {
            return null;
        }
        $last = match (true) {
            $year % 100 === 0 => ['hundred'],
            $year % 100 < 10 => ['oh', ...self::number($year % 100)],
            default => self::number($year % 100),
        };

        return [...self::number(intdiv($year, 100)), ...$last];
    }

    /** @return list<string> */
    private static function pieces(string $token): array
    {
        preg_match_all('/\d{1,3}(?:,\d{3})+(?:\.\d+)?|\d+(?:\.\d+)?|[A-Za-z]+|[^\sA-Za-z0-9]/u', $token, $found);
        $isMixed = count($found[0]) > 1;
        $spoken = [];
        foreach ($found[0] as $piece) {
            if (preg_match('/^\d/', $piece) === 1) {
                array_push($spoken, ...self::decimal(str_replace(',', '', $piece)));
            } elseif (preg_match('/^[A-Za-z]+$/', $piece) === 1) {
                // Short letters in a formula are said one by one.
                array_push($spoken, ...$isMixed && strlen($piece) <= 3 ? str_split(strtolower($piece)) : [strtolower($piece)]);
            } else {
                array_push($spoken, ...isset(self::SIGNS[$piece]) ? explode(' ', self::SIGNS[$piece]) : []);
            }
        }

        return $spoken;
    }

    /** @return list<string> */
    private static function decimal(string $number): array
    {
        [$whole, $fraction] = array_pad(explode('.', $number, 2), 2, '');
        $figures = $fraction === '' ? [] : array_map(static fn (string $figure): string => self::ONES[(int) $figure], str_split($fraction));

        return [...self::number((int) $whole), ...$figures === [] ? [] : ['point', ...$figures]];
    }

    /** @return list<string> */
    private static function number(int $number): array
    {
        if ($number < 20) {
            return [self::ONES[$number]];
        }
        if ($number < 100) {
            return [self::TENS[intdiv($number, 10)], ...$number % 10 === 0 ? [] : self::number($number % 10)];
        }
        if ($number < 1000) {
            return [self::ONES[intdiv($number, 100)], 'hundred', ...$number % 100 === 0 ? [] : ['and', ...self::number($number % 100)]];
        }
        foreach (self::LARGE as $size => $name) {
            if ($number >= $size) {
                $rest = $number % $size;
                $and = $rest > 0 && $rest < 100 ? ['and'] : [];

                return [...self::number(intdiv($number, $size)), $name, ...$and, ...$rest === 0 ? [] : self::number($rest)];
            }
        }

        return [];
    }
}
