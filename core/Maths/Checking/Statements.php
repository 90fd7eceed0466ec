<?php

declare(strict_types=1);

namespace Daybright\Maths\Checking;

/**
 * What a text states, without what it asks, tells of somebody else or calls wrong.
 *
 * “Is 7 × 8 = 54?”, “Sam wrote 5 + 5 = 11.” and “Find the mistake: …” are meant to be wrong.
 */
final class Statements
{
    private const SETS_A_MISTAKE = '/\b(?:find|spot|correct|explain|where|what|which)\b[^.\n]{0,40}\b(?:mistakes?|errors?|slips?|wrong)\b/iu';

    private const CALLS_IT_WRONG = '/\b(?:wrong|wrongly|incorrect|untrue|false|mistakes?|errors?|not (?:right|true|correct))\b/iu';

    private const TELLS_OF_ANOTHER = '/\b(?!(?:we|i|you)\b)\p{L}+ (?:wrote|writes|said|says|thinks|thought|claims|claimed|answered|believes|guessed|guesses)\b/iu';

    private const COUNTS_OTHERWISE = '/\b(?:in base \S+|binary|hexadecimal|modulo)\b/iu';

    public static function in(string $text): string
    {
        if (preg_match(self::SETS_A_MISTAKE, $text) === 1) {
            return '';
        }
        $sentences = preg_split('/(?<=[.!?])(?=\s)|(?<=\n)/u', $text) ?: [];

        return implode('', array_filter($sentences, self::isStated(...)));
    }

    private static function isStated(string $sentence): bool
    {
        return ! str_ends_with(rtrim($sentence), '?')
            && preg_match(self::CALLS_IT_WRONG, $sentence) !== 1
            && preg_match(self::COUNTS_OTHERWISE, $sentence) !== 1
            && preg_match(self::TELLS_OF_ANOTHER, $sentence) !== 1;
    }
}
