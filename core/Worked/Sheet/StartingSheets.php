<?php

declare(strict_types=1);

namespace Daybright\Worked\Sheet;

/** Formulas to begin with, by subject: those of every school book (common practice). */
final class StartingSheets
{
    /** @var array<string, list<array{string, array<string, array{string, string}>}>> */
    private const SETS = [
        'Geometry' => [
            ['A = l w', ['A' => ['area of the rectangle', 'cm²'], 'l' => ['length', 'cm'], 'w' => ['width', 'cm']]],
            ['P = 2(l + w)', ['P' => ['perimeter of the rectangle', 'cm'], 'l' => ['length', 'cm'], 'w' => ['width', 'cm']]],
            ['V = l w h', ['V' => ['volume of the box', 'cm³'], 'l' => ['length', 'cm'], 'w' => ['width', 'cm'], 'h' => ['height', 'cm']]],
            ['A = b h/2', ['A' => ['area of the triangle', 'cm²'], 'b' => ['base', 'cm'], 'h' => ['height', 'cm']]],
            ['C = 2 π r', ['C' => ['circumference', 'cm'], 'r' => ['radius', 'cm']]],
            ['A = π r²', ['A' => ['area of the circle', 'cm²'], 'r' => ['radius', 'cm']]],
            ['c² = a² + b²', ['c' => ['longest side', ''], 'a' => ['one leg', ''], 'b' => ['other leg', '']]],
        ],
        'Motion and forces' => [
            ['v = s/t', ['v' => ['speed', 'm/s'], 's' => ['distance', 'm'], 't' => ['time', 's']]],
            ['v = u + a t', ['v' => ['end speed', 'm/s'], 'u' => ['start speed', 'm/s'], 'a' => ['acceleration', 'm/s²'], 't' => ['time', 's']]],
            ['s = (u + v)/2 × t', ['s' => ['distance', 'm'], 'u' => ['start speed', 'm/s'], 'v' => ['end speed', 'm/s'], 't' => ['time', 's']]],
            ['F = m a', ['F' => ['force', ''], 'm' => ['mass in kg', ''], 'a' => ['acceleration in m/s²', '']]],
            ['d = m/V', ['d' => ['density', 'g/cm³'], 'm' => ['mass', 'g'], 'V' => ['volume', 'cm³']]],
        ],
        'Money and share' => [
            ['p = a/w', ['p' => ['share', ''], 'a' => ['part', ''], 'w' => ['whole', '']]],
            ['c = n p', ['c' => ['cost', '£'], 'n' => ['how many', ''], 'p' => ['price of one', '£']]],
        ],
    ];

    /** @return array<string, list<SheetFormula>> */
    public static function all(): array
    {
        return array_map(static fn (array $set): array => array_map(static fn (array $formula): SheetFormula => SheetFormula::of($formula[0], $formula[1]), $set), self::SETS);
    }
}
