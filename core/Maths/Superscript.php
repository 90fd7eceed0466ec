<?php

declare(strict_types=1);

namespace Daybright\Maths;

/** Whole numbers as they are written above the line: 10⁻⁵, cm³. */
final class Superscript
{
    private const SIGNS = [
        '-' => '⁻',
        '0' => '⁰',
        '1' => '¹',
        '2' => '²',
        '3' => '³',
        '4' => '⁴',
        '5' => '⁵',
        '6' => '⁶',
        '7' => '⁷',
        '8' => '⁸',
        '9' => '⁹',
    ];

    public static function write(int $number): string
    {
        return strtr((string) $number, self::SIGNS);
    }

    /** Signs above the line brought down to it: “⁻⁵” is “-5”. */
    public static function read(string $written): string
    {
        return strtr($written, array_flip(self::SIGNS));
    }

    public static function begins(string $text): bool
    {
        return in_array(mb_substr($text, 0, 1), self::SIGNS, true);
    }
}
