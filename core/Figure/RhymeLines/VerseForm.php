<?php

declare(strict_types=1);

namespace Daybright\Figure\RhymeLines;

/** What a pattern of rhymes is called. */
final class VerseForm
{
    /** Whole poems and stanzas by their pattern (names of common practice in English lessons). */
    private const NAMES = [
        'AABBA' => 'a limerick',
        'ABABCDCDEFEFGG' => 'a Shakespearean sonnet',
        'ABBAABBACDECDE' => 'a Petrarchan sonnet',
        'ABBAABBACDCDCD' => 'a Petrarchan sonnet',
        'ABABBCBCCDCDEE' => 'a Spenserian sonnet',
        'ABABABCC' => 'ottava rima',
        'ABABBCC' => 'rhyme royal',
        'AAA' => 'a triplet',
    ];

    private const STANZAS = [
        'ABAB' => 'alternate rhyme',
        'ABBA' => 'enclosed rhyme',
        'ABCB' => 'the ballad pattern',
        'AABA' => 'rubai stanzas',
        'AABBA' => 'limericks',
    ];

    /** @param  string  $pattern one letter a line, such as “AABB” */
    public static function named(string $pattern): string
    {
        $shape = self::shape($pattern);

        return self::NAMES[$shape] ?? self::ofCouplets($pattern) ?? self::ofStanzas($pattern) ?? self::ofTerzaRima($pattern)
            ?? (count(array_unique(str_split($pattern))) === strlen($pattern) ? 'no rhyme' : 'a pattern of its own');
    }

    private static function ofCouplets(string $pattern): ?string
    {
        $isCouplets = strlen($pattern) % 2 === 0
            && array_filter(str_split($pattern, 2), static fn (string $pair): bool => $pair[0] !== $pair[1]) === [];

        return $isCouplets ? 'couplets' : null;
    }

    private static function ofStanzas(string $pattern): ?string
    {
        foreach (self::STANZAS as $stanza => $name) {
            if (array_unique(array_map(self::shape(...), str_split($pattern, strlen($stanza)))) === [$stanza]) {
                return $name;
            }
        }

        return null;
    }

    /** The middle line of three gives the next three their rhyme; a line or two may close the poem. */
    private static function ofTerzaRima(string $pattern): ?string
    {
        $stanzas = str_split($pattern, 3);
        $last = count($stanzas) - 1;
        foreach ($stanzas as $number => $stanza) {
            $isWhole = self::shape($stanza) === 'ABA' || ($number === $last && in_array(self::shape($stanza), ['A', 'AA'], true));
            if (! $isWhole || ($number > 0 && $stanza[0] !== $stanzas[$number - 1][1])) {
                return null;
            }
        }

        return $last > 0 ? 'terza rima' : null;
    }

    /** The letters counted from A in the order in which they come. */
    private static function shape(string $letters): string
    {
        $names = [];
        foreach (str_split($letters) as $letter) {
            $names[$letter] ??= chr(65 + count($names));
        }

        return strtr($letters, $names);
    }
}
