<?php

declare(strict_types=1);

namespace Daybright\Figure\TwoUnknowns;

use Daybright\Maths\LinearEquation;
use Daybright\Maths\Units;

/** The left side of the second equation, in the letters of the table's columns. */
final class LinearCheck
{
    public static function left(TwoUnknowns $figure): string
    {
        [$x, $y] = self::letters($figure);

        return LinearEquation::sum([[$figure->second->a, $x], [$figure->second->b, $y]]);
    }

    /**
     * “rabbits” and “hens” become r and h, as long as these differ and are no units.
     *
     * @return array{string, string}
     */
    public static function letters(TwoUnknowns $figure): array
    {
        $letters = [mb_strtolower(mb_substr($figure->firstName, 0, 1)), mb_strtolower(mb_substr($figure->secondName, 0, 1))];
        $usable = $letters[0] !== $letters[1]
            && preg_match('/^\p{Ll}\p{Ll}$/u', implode('', $letters)) === 1
            && ! str_starts_with($figure->firstName, 'the ')
            && Units::find($letters[0]) === null
            && Units::find($letters[1]) === null;

        return $usable ? $letters : ['x', 'y'];
    }
}
