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
            [
                'A = (a + b)/2 × h',
                [
                    'A' => ['area of the trapezium', 'cm²'],
                    'a' => ['first parallel side', 'cm'],
                    'b' => ['second parallel side', 'cm'],
                    'h' => ['height', 'cm'],
                ],
            ],
            ['V = π r² h', ['V' => ['volume of the cylinder', 'cm³'], 'r' => ['radius', 'cm'], 'h' => ['height', 'cm']]],
            ['c² = a² + b²', ['c' => ['longest side', 'cm'], 'a' => ['first leg', 'cm'], 'b' => ['second leg', 'cm']]],
        ],
        'Motion and forces' => [
            ['v = s/t', ['v' => ['speed', 'm/s'], 's' => ['distance', 'm'], 't' => ['time', 's']]],
            [
                'v = u + a t',
                ['v' => ['end speed', 'm/s'], 'u' => ['start speed', 'm/s'], 'a' => ['acceleration', 'm/s²'], 't' => ['time', 's']],
            ],
            [
                'v² = u² + 2 a s',
                ['v' => ['end speed', 'm/s'], 'u' => ['start speed', 'm/s'], 'a' => ['acceleration', 'm/s²'], 's' => ['distance', 'm']],
            ],
            [
                's = (u + v)/2 × t',
                ['s' => ['distance', 'm'], 'u' => ['start speed', 'm/s'], 'v' => ['end speed', 'm/s'], 't' => ['time', 's']],
            ],
            ['F = m a', ['F' => ['force', 'N'], 'm' => ['mass', 'kg'], 'a' => ['acceleration', 'm/s²']]],
            ['M = F d', ['M' => ['moment', 'N m'], 'F' => ['force', 'N'], 'd' => ['distance from the pivot', 'm']]],
            ['p = F/A', ['p' => ['pressure', 'Pa'], 'F' => ['force', 'N'], 'A' => ['area', 'm²']]],
            ['d = m/V', ['d' => ['density', 'g/cm³'], 'm' => ['mass', 'g'], 'V' => ['volume', 'cm³']]],
        ],
        'Energy' => [
            ['W = F s', ['W' => ['work', 'J'], 'F' => ['force', 'N'], 's' => ['distance', 'm']]],
            [
                'E = m g h',
                [
                    'E' => ['energy of height', 'J'],
                    'm' => ['mass', 'kg'],
                    'g' => ['acceleration of falling', 'm/s²'],
                    'h' => ['height', 'm'],
                ],
            ],
            ['E = m v²/2', ['E' => ['energy of motion', 'J'], 'm' => ['mass', 'kg'], 'v' => ['speed', 'm/s']]],
            ['P = E/t', ['P' => ['power', 'W'], 'E' => ['energy', 'J'], 't' => ['time', 's']]],
        ],
        'Electricity' => [
            ['V = I R', ['V' => ['voltage', 'V'], 'I' => ['current', 'A'], 'R' => ['resistance', 'Ω']]],
            ['P = V I', ['P' => ['power', 'W'], 'V' => ['voltage', 'V'], 'I' => ['current', 'A']]],
            ['Q = I t', ['Q' => ['charge', 'C'], 'I' => ['current', 'A'], 't' => ['time', 's']]],
        ],
        'Statistics and chance' => [
            ['m = s/n', ['m' => ['mean', ''], 's' => ['sum of the values', ''], 'n' => ['number of values', '']]],
            [
                'P = f/n',
                [
                    'P' => ['probability', ''],
                    'f' => ['number of favourable outcomes', ''],
                    'n' => ['number of equally likely outcomes', ''],
                ],
            ],
        ],
        'Money and share' => [
            ['p = a/w', ['p' => ['share', ''], 'a' => ['part', ''], 'w' => ['whole', '']]],
            ['c = n p', ['c' => ['cost', '£'], 'n' => ['number bought', ''], 'p' => ['price of one', '£']]],
        ],
    ];

    /** Formulas for a part of a whole: what they give is at most 1. */
    private const SHARES = ['p = a/w', 'P = f/n'];

    public static function givesAShare(SheetFormula $formula): bool
    {
        return in_array($formula->written, self::SHARES, true);
    }

    /** @return array<string, list<SheetFormula>> */
    public static function all(): array
    {
        return array_map(
            static fn (array $set): array => array_map(
                static fn (array $formula): SheetFormula => SheetFormula::parse($formula[0], $formula[1]),
                $set,
            ),
            self::SETS,
        );
    }
}
