<?php

declare(strict_types=1);

namespace Daybright\Maths;

use Brick\Math\BigRational;
use Brick\Math\Exception\MathException;

/**
 * A number in figures as it is written somewhere in the world: “1,234.5”, “1 234,5”, “12,34,567” (Indian grouping), “3 × 10⁸”, “4.2E3”,
 * “⅔”.
 *
 * A comma before three figures groups thousands; before any other number of figures it is a decimal comma.
 */
final class Numeral
{
    /** Figures that a number may have, and the largest power of ten: more is no school arithmetic, and costs without end. */
    private const MOST_FIGURES = 60;

    private const HIGHEST_POWER = 120;

    private const GAP = '[ \x{00A0}\x{202F}]';

    /** 1.234,5 */
    private const POINTS_BETWEEN_THOUSANDS = '\d{1,3}(?:\.\d{3})+,\d+(?!\d)';

    /** 12,34,567 */
    private const COMMAS_AFTER_LAKHS = '\d{1,2}(?:,\d{2})+,\d{3}(?!\d)(?:\.\d+)?';

    /** 1,234.5 */
    private const COMMAS_BETWEEN_THOUSANDS = '\d{1,3}(?:,\d{3})+(?!\d)(?:\.\d+)?';

    /** 1 234.5 */
    private const GAPS_BETWEEN_THOUSANDS = '[1-9]\d{0,2}(?:'.self::GAP.'\d{3})+(?![\d\/⁄½¼¾])(?:[.,]\d+)?';

    /** 0,5 and 12,34 */
    private const DECIMAL_COMMA = '0,\d+(?![\d,])|\d+,(?!\d{3}(?!\d))\d+(?![\d,])';

    private const UNGROUPED = '\d+(?:\.\d+)?|\.\d+';

    private const PLAIN = '(?:'.self::POINTS_BETWEEN_THOUSANDS.'|'.self::COMMAS_AFTER_LAKHS.'|'.self::COMMAS_BETWEEN_THOUSANDS
        .'|'.self::GAPS_BETWEEN_THOUSANDS.'|'.self::DECIMAL_COMMA.'|'.self::UNGROUPED.')';

    private const POWER = '10(?:\s*\^\s*(?:[-−–]?\d+|\([-−–]?\d+\))|[⁻⁰¹²³⁴⁵⁶⁷⁸⁹]+)';

    /** Matches at the start of a text; the longest form first. */
    public const PATTERN = '/^(?:'
        .self::PLAIN
        .'\s*[×x*·⋅]\s*'
        .self::POWER
        .'|'
        .self::PLAIN
        .'[eE][-+−]?\d+(?![\p{L}\d])|'
        .self::POWER
        .'(?=\s?(?:\p{L}|°))|'
        .self::PLAIN
        .'|[¼½¾⅓⅔⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞])/u';

    private const VULGAR = [
        '¼' => '1/4',
        '½' => '1/2',
        '¾' => '3/4',
        '⅓' => '1/3',
        '⅔' => '2/3',
        '⅕' => '1/5',
        '⅖' => '2/5',
        '⅗' => '3/5',
        '⅘' => '4/5',
        '⅙' => '1/6',
        '⅚' => '5/6',
        '⅛' => '1/8',
        '⅜' => '3/8',
        '⅝' => '5/8',
        '⅞' => '7/8',
    ];

    /** @throws MathsError when it has more figures than anything in class */
    public static function value(string $written): BigRational
    {
        if (isset(self::VULGAR[$written])) {
            return BigRational::of(self::VULGAR[$written]);
        }
        [$mantissa, $power] = self::parts($written);
        $plain = self::plain($mantissa);
        if (strlen($plain) > self::MOST_FIGURES || abs($power) > self::HIGHEST_POWER) {
            throw MathsError::tooLarge();
        }
        try {
            $ten = BigRational::of(10)->power(abs($power));

            return $power < 0 ? BigRational::of($plain)->dividedBy($ten) : BigRational::of($plain)->multipliedBy($ten);
        } catch (MathException) {
            throw MathsError::tooLarge();
        }
    }

    /** “⅔” as “2/3”, everything else as it is. */
    public static function folded(string $written): string
    {
        return self::VULGAR[$written] ?? $written;
    }

    public static function isVulgar(string $written): bool
    {
        return isset(self::VULGAR[$written]);
    }

    /** Whether it was written as a power of ten. */
    public static function isStandardForm(string $written): bool
    {
        return self::parts($written)[1] !== 0 || preg_match('/[eE^⁰]/u', $written) === 1;
    }

    public static function tex(string $written): string
    {
        [$mantissa, $power] = self::parts($written);
        $grouped = (string) preg_replace(['/'.self::GAP.'|,(?=\d{2,3}(?:,|$|\.))/u', '/,/'], ['\\,', '{,}'], $mantissa);
        $isPower = self::isStandardForm($written);

        return match (true) {
            ! $isPower => $grouped,
            preg_match('/^10(?:\s*\^|[⁻⁰¹²³⁴⁵⁶⁷⁸⁹])/u', $written) === 1 => "10^{{$power}}",
            default => "{$grouped} \\times 10^{{$power}}",
        };
    }

    /** @return array{string, int} the figures, and the power of ten by which they are multiplied */
    private static function parts(string $written): array
    {
        if (preg_match('/^(.+?)\s*[×x*·⋅]\s*10\s*(?:\^\s*\(?\s*([-−–]?\d+)\)?|([⁻⁰¹²³⁴⁵⁶⁷⁸⁹]+))$/u', $written, $match) === 1) {
            return [$match[1], self::power(isset($match[2]) && $match[2] !== '' ? $match[2] : Tokens::exponent((string) end($match)))];
        }
        if (preg_match('/^10\s*(?:\^\s*\(?\s*([-−–]?\d+)\)?|([⁻⁰¹²³⁴⁵⁶⁷⁸⁹]+))$/u', $written, $match) === 1) {
            return ['1', self::power($match[1] !== '' ? $match[1] : Tokens::exponent((string) end($match)))];
        }
        if (preg_match('/^(.+?)[eE]([-+−]?\d+)$/u', $written, $match) === 1) {
            return [$match[1], self::power($match[2])];
        }

        return [$written, 0];
    }

    private static function power(string $written): int
    {
        $digits = str_replace(['−', '–', '+'], ['-', '-', ''], $written);

        return strlen($digits) > 6 ? PHP_INT_MAX >> 1 : (int) $digits;
    }

    /** In the figures and the point of the programs. */
    private static function plain(string $written): string
    {
        $close = (string) preg_replace('/'.self::GAP.'/u', '', $written);
        $isDecimalComma = preg_match('/^\d{1,3}(?:\.\d{3})+,\d+$|^0,\d+$|^\d+,(?!\d{3}$)\d+$/', $close) === 1
            && preg_match('/^\d{1,2}(?:,\d{2})+,\d{3}$/', $close) !== 1;
        $plain = $isDecimalComma ? str_replace(',', '.', str_replace('.', '', $close)) : str_replace(',', '', $close);

        return $plain[0] === '.' ? '0'.$plain : $plain;
    }
}
