<?php

declare(strict_types=1);

namespace Daybright\Maths\Checking;

/**
 * What a text states, without what it asks, reports of somebody else or calls wrong.
 *
 * “Is 7 × 8 = 54?”, “Sam wrote 5 + 5 = 11.” and “Find the mistake: …” are meant to be wrong.
 */
final class Statements
{
    private const SETS_A_MISTAKE = '/\b(?:find|spot|correct|explain|where|what|which)\b[^.\n]{0,40}\b(?:mistakes?|errors?|slips?|wrong)\b/iu';

    private const CALLS_IT_WRONG = '/\b(?:wrong|wrongly|incorrect|untrue|false|mistakes?|errors?|slips?|not (?:right|true|correct|the case)|(?:isn|wasn|aren)[’\']t (?:right|true|correct|the case))\b|^\s*not (?=[\d(√π−-])/iu';

    /** “Never write 5² = 10”, “Do not put …” */
    private const FORBIDS = '/\b(?:never|don[’\']t|do not|must not|avoid|not to)\b[^.]{0,20}\b(?:write|put|say|think|writing|saying|add|do)\b/iu';

    private const TELLS_OF_ANOTHER = '/\b(?!(?:we|i|you|they|and|then|to|can|should|now|also)\b)\p{L}+ (?:wrote|writes?|said|says?|thinks?|thought|claims?|claimed|answered|believes?|believed|guessed|guesses|reckons?|reckoned|puts?)\b|\b\p{L}+[’\']s? (?:answer|guess|working|idea|result|calculation|sum|solution)\b|\b(?:answer|result) (?:he|she|they|\p{Lu}\p{L}+) (?:gave|got|wrote)\b/u';

    private const TELLS_OF_SOME = '/\b(?:some|many|somebody|someone|people|pupils|students|children)\b[^.]{0,24}\b(?:wrote|writes?|said|says?|thinks?|thought|claims?|claimed|gets?|got|puts?)\b|\b(?:you|one) (?:might|may|could) (?:think|say|write)\b/iu';

    /** What is only tried: “Suppose 2 × 2 = 5.”, “About 6 × 8 = 50”, “First guess: …” */
    private const SUPPOSES = '/^\W*(?:suppose|imagine|pretend|assume|say that|say whether|check whether|decide whether|test whether|about|roughly|approximately|around|(?:my |your |our |a |first |the first )*(?:guess|estimate|try)\b|let)\b|\bwhether\b/iu';

    /** What is put up for judging: itself and the sentence behind it. */
    private const PUTS_UP = '/\b(?:right or wrong|wrong or right|true or false|agree or disagree|do you agree|correct or (?:not|incorrect))\b/iu';

    private const COUNTS_OTHERWISE = '/\b(?:in base \S+|binary|hexadecimal|modulo|modular|clock arithmetic|(?:on|by) (?:the|a) clock)\b/iu';

    /** “If 2 + 2 = 5 then …”: what follows an “if” is no claim. */
    private const CONDITION = '/\bif\b[^,.]*?[=≈][^,.]*?(?=,|\bthen\b|[.!?]|$)/iu';

    public static function in(string $text): string
    {
        if (preg_match(self::SETS_A_MISTAKE, $text) === 1) {
            return '';
        }
        $sentences = preg_split('/(?<=[.!?])(?=\s)|(?<=\n)/u', (string) preg_replace(self::CONDITION, '', $text)) ?: [];
        $stated = [];
        foreach ($sentences as $number => $sentence) {
            $isPutUp = preg_match(self::PUTS_UP, $sentence) === 1 || preg_match(self::PUTS_UP, $sentences[$number - 1] ?? '') === 1;
            if (! $isPutUp && self::isStated($sentence)) {
                $stated[] = $sentence;
            }
        }

        return implode('', $stated);
    }

    private static function isStated(string $sentence): bool
    {
        if (str_ends_with(rtrim($sentence), '?')) {
            return false;
        }
        foreach ([
            self::CALLS_IT_WRONG,
            self::FORBIDS,
            self::TELLS_OF_ANOTHER,
            self::TELLS_OF_SOME,
            self::SUPPOSES,
            self::COUNTS_OTHERWISE,
        ] as $pattern) {
            if (preg_match($pattern, $sentence) === 1) {
                return false;
            }
        }

        return true;
    }
}
