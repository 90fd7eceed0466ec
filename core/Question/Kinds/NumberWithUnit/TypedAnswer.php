<?php

declare(strict_types=1);

namespace Daybright\Question\Kinds\NumberWithUnit;

use Daybright\Maths\Checking\NumberWords;
use Daybright\Maths\MathsError;
use Daybright\Maths\Quantity;
use Daybright\Maths\Unit;
use Daybright\Maths\Units;

/** A number with its unit, read as students type it on a phone: “4,5 cm.”, “x = 7”, “about 12 sq m”, “20 C”, “5 pounds”. */
final class TypedAnswer
{
    /** What is put in front of an answer without being part of it. */
    private const BEFORE = '/^(?:\p{L}{1,3}\s*)?=\s*|^(?:it is|it’s|its|about|around|roughly|approximately|≈|~)\s+/iu';

    /** @throws MathsError when there is no number in it */
    public static function read(string $given, Unit $expected): Quantity
    {
        $typed = self::inExpectedWords(self::tidied($given), $expected);
        // “12 marbles” where marbles are asked for.
        if (self::isCount($expected) && preg_match('/^(.*\d)\s*(\p{L}[\p{L} ]*)$/u', $typed, $match) === 1 && str_starts_with(mb_strtolower($match[2]), mb_strtolower(mb_substr($expected->symbol(), 0, 4)))) {
            return Quantity::of(Quantity::read($match[1])->value, $expected);
        }

        $read = Quantity::read($typed);

        return self::isCount($expected) && $read->unit->isNone() ? new Quantity($read->value, $expected, $read->exact) : $read;
    }

    /** Things that are counted, and measured by no unit. */
    private static function isCount(Unit $unit): bool
    {
        return str_starts_with((string) array_key_first($unit->dimensions), 'count of');
    }

    private static function tidied(string $given): string
    {
        $bare = (string) preg_replace([self::BEFORE, '/\s*[.!?]+$/u'], '', trim($given));
        $figures = (string) preg_replace_callback('/^(?:'.NumberWords::FRACTION.'|'.NumberWords::NUMBER.')/iu', static fn (array $match): string => NumberWords::inFigures($match[0]), $bare);

        return (string) preg_replace(
            [
                // Phones put commas into numbers in their own way: “4,5” is 4.5.
                '/^(\s*[-−]?\d+),(\d{1,2}(?!\d))/u',
                '/\bsq\.?\s+(?=\p{L})/iu', '/\bcu\.?\s+(?=\p{L})/iu',
                '/(?<=\d)\s*[″"”]/u', '/(?<=\d)\s*[′\'’]/u',
                '/\b(kg|g|km|m|cm|mm|ml|l)s\b/u',
            ],
            ['$1.$2', 'square ', 'cubic ', ' in', ' ft ', '$1'],
            $figures,
        );
    }

    /** A word that means several units means the one that is asked for: pounds of money or of weight, degrees of heat or of arc. */
    private static function inExpectedWords(string $typed, Unit $expected): string
    {
        [$number, $word] = preg_match('/^(.*\d)\s*(\p{L}+|°)$/u', $typed, $match) === 1 ? [$match[1], mb_strtolower($match[2])] : [$typed, ''];
        $symbol = $expected->symbol();
        $means = match (true) {
            in_array($word, ['c', 'celsius', 'f', 'fahrenheit', '°', 'deg', 'degree', 'degrees'], true) => in_array($symbol, ['°C', '°F'], true) && ($word[0] === mb_strtolower($symbol)[2] || str_starts_with($word, 'deg') || $word === '°'),
            in_array($word, ['pound', 'pounds'], true) => $symbol === '£' || $symbol === 'lb',
            in_array($word, ['dollar', 'dollars'], true) => $symbol === '$',
            in_array($word, ['euro', 'euros'], true) => $symbol === '€',
            default => false,
        };

        return $means ? "{$number} {$symbol}" : $typed;
    }
}
