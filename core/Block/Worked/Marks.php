<?php

declare(strict_types=1);

namespace Daybright\Block\Worked;

use Daybright\Maths\Formula;

/**
 * Shows which number came from where: a number and its origin have one colour and one figure under them, so that colour alone is not
 * needed.
 */
final class Marks
{
    private const COLOURS = ['#1B6074', '#A34A00', '#4A3FA0', '#2C6528'];

    /**
     * @param  string  $formula as typed
     * @param  array<string, string>  $marks number => piece of the formula
     * @return string the formula as typed when it has no marks, otherwise TeX
     */
    public static function inTex(string $formula, array $marks): string
    {
        if ($marks === [] || trim($formula) === '') {
            return $formula;
        }
        $tex = Formula::parse($formula)->tex;
        $places = [];
        foreach ($marks as $number => $piece) {
            $written = Formula::parse($piece)->tex;
            // The last one: in “l = 60 mm = 6 cm” it is the value that is used.
            $at = strrpos($tex, $written);
            if ($written !== '' && $at !== false && ! self::isInside($at, strlen($written), $places)) {
                $places[$at] = [strlen($written), (int) $number];
            }
        }
        krsort($places);
        foreach ($places as $at => [$length, $number]) {
            $colour = self::COLOURS[($number - 1) % count(self::COLOURS)];
            $marked = '{\\color{'.$colour.'}\\underset{\\scriptstyle '.$number.'}{'.substr($tex, $at, $length).'}}';
            $tex = substr_replace($tex, $marked, $at, $length);
        }

        return '\\displaystyle '.$tex;
    }

    /** @param  array<int, array{int, int}>  $places */
    private static function isInside(int $at, int $length, array $places): bool
    {
        foreach ($places as $start => [$taken]) {
            if ($at < $start + $taken && $start < $at + $length) {
                return true;
            }
        }

        return false;
    }
}
