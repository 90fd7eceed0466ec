<?php

declare(strict_types=1);

namespace Daybright\Maths\Checking;

/**
 * Sums that are said in words, turned into figures and signs: “four eights are thirty-four” becomes “4 × 8 = 34”.
 *
 * Only whole phrases of the form number, operation, number, verb, number are touched; every other number word stays as it is.
 */
final class NumberWords
{
    private const ONES = ['zero', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve', 'thirteen', 'fourteen', 'fifteen', 'sixteen', 'seventeen', 'eighteen', 'nineteen'];

    private const TENS = [2 => 'twenty', 'thirty', 'forty', 'fifty', 'sixty', 'seventy', 'eighty', 'ninety'];

    private const PLURALS = ['ones' => 1, 'twos' => 2, 'threes' => 3, 'fours' => 4, 'fives' => 5, 'sixes' => 6, 'sevens' => 7, 'eights' => 8, 'nines' => 9, 'tens' => 10, 'elevens' => 11, 'twelves' => 12];

    private const PARTS = ['half' => 2, 'a half' => 2, 'a third' => 3, 'one third' => 3, 'a quarter' => 4, 'one quarter' => 4, 'a fifth' => 5, 'a tenth' => 10];

    private const SIGNS = ['plus' => '+', 'add' => '+', 'and' => '+', 'minus' => '−', 'take away' => '−', 'less' => '−', 'times' => '×', 'multiplied by' => '×', 'divided by' => '÷'];

    private const VERBS = '(?:is|are|makes?|equals?|gives?|is equal to)';

    /** What follows a result that is then no plain number: “is two thirds”, “are six of them”, “is one more”. */
    private const ENDS = '(?=$|[.,;:!?)]|\s(?:so|and|because|which|but|then|altogether|exactly|in all)\b)';

    public static function inFigures(string $text): string
    {
        $number = self::pattern();
        $sign = implode('|', array_keys(self::SIGNS));
        $plural = implode('|', array_keys(self::PLURALS));
        $part = implode('|', array_keys(self::PARTS));
        $text = (string) preg_replace_callback(
            "/(?<![\\p{L}\\d.,-]|\\d )({$number}) ({$plural}) ".self::VERBS." ({$number})".self::ENDS.'/iu',
            static fn (array $match): string => self::value($match[1]).' × '.self::PLURALS[mb_strtolower($match[2])].' = '.self::value($match[3]),
            $text,
        );
        $text = (string) preg_replace_callback(
            "/(?<![\\p{L}-])({$part}) of ({$number}) ".self::VERBS." ({$number})".self::ENDS.'/iu',
            static fn (array $match): string => '1/'.self::PARTS[mb_strtolower($match[1])].' of '.self::value($match[2]).' = '.self::value($match[3]),
            $text,
        );

        return (string) preg_replace_callback(
            "/(?<![\\p{L}\\d.,-]|\\d )({$number}) ({$sign}) ({$number}) ".self::VERBS." ({$number})".self::ENDS.'/iu',
            static fn (array $match): string => self::isInWords($match[1].$match[3].$match[4])
                ? self::value($match[1]).' '.self::SIGNS[mb_strtolower($match[2])].' '.self::value($match[3]).' = '.self::value($match[4])
                : $match[0],
            $text,
        );
    }

    /** A phrase all in figures is read elsewhere. */
    private static function isInWords(string $numbers): bool
    {
        return preg_match('/\p{L}/u', $numbers) === 1;
    }

    private static function pattern(): string
    {
        $ones = implode('|', array_reverse(self::ONES));
        $tens = implode('|', self::TENS);
        $below = "(?:(?:{$tens})(?:[ -](?:".implode('|', array_slice(self::ONES, 1, 9)).'))?|'.$ones.')';

        return "(?:(?:{$below}|an?) hundred(?: and {$below})?|{$below}|\\d+(?:\\.\\d+)?)(?![\\p{L}-])";
    }

    private static function value(string $words): string
    {
        if (preg_match('/\d/', $words) === 1) {
            return $words;
        }
        $value = 0;
        foreach (preg_split('/[ -]/', mb_strtolower($words)) ?: [] as $word) {
            $one = array_search($word, self::ONES, true);
            $ten = array_search($word, self::TENS, true);
            $value = match (true) {
                $word === 'hundred' => max(1, $value) * 100,
                $one !== false => $value + $one,
                $ten !== false => $value + 10 * $ten,
                default => $value,
            };
        }

        return (string) $value;
    }
}
