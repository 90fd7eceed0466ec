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
    private const SETS_A_MISTAKE = '/\b(?:find|spot|correct|explain|where|what|which)\b[^.\n]{0,40}\b'.self::MISTAKE.'\b/iu';

    private const MISTAKE = '(?:mistakes?|errors?|slips?|wrong)';

    private const CALLS_IT_WRONG = '/\b(?:'.self::WRONG.'|'.self::NOT_RIGHT.')\b|^\s*not (?=[\d(√π−-])/iu';

    private const WRONG = 'wrong|wrongly|incorrect|untrue|false|mistakes?|errors?|slips?';

    private const NOT_RIGHT = 'not (?:right|true|correct|the case)|(?:isn|wasn|aren)[’\']t (?:right|true|correct|the case)';

    /** “Never write 5² = 10”, “Do not put …” */
    private const FORBIDS = '/\b(?:'.self::NEVER.')\b[^.]{0,20}\b(?:write|put|say|think|writing|saying|add|do)\b/iu';

    private const NEVER = 'never|don[’\']t|do not|must not|avoid|not to';

    private const TELLS_OF_ANOTHER = '/'.self::SOMEBODY_WROTE.'|'.self::SOMEBODYS_ANSWER.'|'.self::ANSWER_OF_SOMEBODY.'/u';

    private const SOMEBODY_WROTE = '\b(?!(?:we|i|you|they|and|then|to|can|should|now|also)\b)\p{L}+ (?:'.self::WROTE.')\b';

    private const WROTE = self::SAID.'|answered|believes?|believed|guessed|guesses|reckons?|reckoned|puts?';

    private const SAID = 'wrote|writes?|said|says?|thinks?|thought|claims?|claimed';

    private const SOMEBODYS_ANSWER = '\b\p{L}+[’\']s? (?:answer|guess|working|idea|result|calculation|sum|solution)\b';

    private const ANSWER_OF_SOMEBODY = '\b(?:answer|result) (?:he|she|they|\p{Lu}\p{L}+) (?:gave|got|wrote)\b';

    private const TELLS_OF_SOME = '/'.self::SOME_WROTE.'|'.self::ONE_MIGHT_SAY.'/iu';

    private const SOME_WROTE = '\b(?:'.self::SOME.')\b[^.]{0,24}\b(?:'.self::SAID.'|gets?|got|puts?)\b';

    private const SOME = 'some|many|somebody|someone|people|pupils|students|children';

    private const ONE_MIGHT_SAY = '\b(?:you|one) (?:might|may|could) (?:think|say|write)\b';

    /** What is only tried: “Suppose 2 × 2 = 5.”, “About 6 × 8 = 50”, “First guess: …” */
    private const SUPPOSES = '/^\W*(?:'.self::ASSUMED.'|'.self::ESTIMATED.'|'.self::GUESSED.'|let)\b|\bwhether\b/iu';

    private const ASSUMED = 'suppose|imagine|pretend|assume|say that|(?:say|check|decide|test) whether';

    private const ESTIMATED = 'about|roughly|approximately|around';

    private const GUESSED = '(?:my |your |our |a |first |the first )*(?:guess|estimate|try)\b';

    /** What is put up for judging: itself and the sentence behind it. */
    private const PUTS_UP = '/\b(?:'.self::RIGHT_OR_WRONG.'|'.self::AGREE.')\b/iu';

    private const RIGHT_OR_WRONG = 'right or wrong|wrong or right|true or false|correct or (?:not|incorrect)';

    private const AGREE = 'agree or disagree|do you agree';

    private const COUNTS_OTHERWISE = '/\b(?:in base \S+|binary|hexadecimal|'.self::AROUND_A_CLOCK.')\b/iu';

    private const AROUND_A_CLOCK = 'modulo|modular|clock arithmetic|(?:on|by) (?:the|a) clock';

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
