<?php

declare(strict_types=1);

namespace Daybright\Figure\Live;

/** The numbers of a formula as a teacher typed it, each to be turned up and down. */
final class NumbersInFormula
{
    /** A sign with space about it joins two terms; a number that is part of a longer one or of a name is none. */
    private const NUMBER = '/(?<sign>[+−-]\s*)?(?<![\d.\p{L}_^])(?<number>\d+(?:\.\d+)?)(?![\d.])/u';

    /** How far a number is turned, in times itself, and at least so far. */
    private const REACH = 2.0;

    private const LEAST_REACH = 5.0;

    private const STEP = 0.1;

    /**
     * @param  string  $name of the handles, before their number
     * @param  string  $called what stands before the formula, such as “y = ”
     * @param  callable(string): array<string, mixed>  $change of the formula with a marker in place of the number
     * @return list<Handle>
     */
    public static function handles(string $formula, string $name, string $called, callable $change): array
    {
        preg_match_all(self::NUMBER, $formula, $matches, PREG_SET_ORDER | PREG_OFFSET_CAPTURE);
        $handles = [];
        foreach ($matches as $number => $match) {
            [$found, $at] = $match[0];
            $sign = $match['sign'][1] < 0 ? '' : $match['sign'][0];
            $isMinus = $sign !== '' && ! str_starts_with($sign, '+');
            $value = (float) $match['number'][0] * ($isMinus ? -1 : 1);
            $before = substr($formula, 0, $at);
            $marker = $sign === '' ? Handle::VALUE : Handle::SIGNED;
            $reach = max(self::LEAST_REACH, self::REACH * abs($value));
            $handles[] = Handle::turn(
                $name.'-'.($number + 1),
                $called.substr($formula, 0, $match['number'][1]).'□'.substr($formula, $match['number'][1] + strlen($match['number'][0])),
                $value,
                -$reach,
                $reach,
                self::STEP,
                $change($before.$marker.substr($formula, $at + strlen($found))),
            );
        }

        return $handles;
    }
}
