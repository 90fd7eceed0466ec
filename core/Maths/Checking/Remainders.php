<?php

declare(strict_types=1);

namespace Daybright\Maths\Checking;

/** Divisions with a remainder: “15 ÷ 4 = 3 remainder 3”, “15 ÷ 4 = 3 r 3”, “15 ÷ 4 = 3 with 3 left over”. */
final class Remainders
{
    private const DIVISION = '~'.self::NOT_AFTER_A_SUM.self::QUOTIENT.',? ?'.self::REMAINDER.self::NOTHING_BEHIND.'~iu';

    private const NOT_AFTER_A_SUM = '(?<![\d.,×*+−-]|[×*+−÷/-] )';

    private const QUOTIENT = '(\d{1,9}) ?(?:[÷/]|divided by) ?(\d{1,9}) ?(?:=|is|makes|gives|equals) ?(\d{1,9})';

    private const REMAINDER = '(?:'.self::NAMED.' ?(\d{1,9})|(?:with|and) (\d{1,9}) (?:left over|over))';

    private const NAMED = '(?:r|rem|remainder|with (?:a )?remainder(?: of)?)';

    private const NOTHING_BEHIND = '(?![\d%]|[.,]\d|\p{L})';

    /** @return list<Equality> */
    public static function check(string $text): array
    {
        preg_match_all(self::DIVISION, $text, $divisions, PREG_SET_ORDER);

        return array_values(array_filter(array_map(self::judge(...), $divisions)));
    }

    /** The text without its divisions with a remainder, which are no plain equalities. */
    public static function without(string $text): string
    {
        return (string) preg_replace(self::DIVISION, '', $text);
    }

    /** @param  array<string>  $division */
    private static function judge(array $division): ?Equality
    {
        [$number, $divisor, $quotient] = [(int) $division[1], (int) $division[2], (int) $division[3]];
        $remainder = (int) (($division[4] ?? '') !== '' ? $division[4] : $division[5] ?? '0');
        if ($divisor === 0) {
            return null;
        }

        return [intdiv($number, $divisor), $number % $divisor] === [$quotient, $remainder]
            ? Equality::right($division[0])
            : Equality::wrong($division[0], intdiv($number, $divisor).' remainder '.$number % $divisor);
    }
}
