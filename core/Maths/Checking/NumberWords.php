<?php

declare(strict_types=1);

namespace Daybright\Maths\Checking;

/** Numbers as they are said: “forty-two”, “a hundred and five”, “three quarters”, and their figures. */
final class NumberWords
{
    /** A whole number or decimal in figures, or a whole number up to 999 in words. */
    public const NUMBER = '(?:(?:(?:'
        .self::BELOW_HUNDRED
        .'|an?) hundred(?: and '
        .self::BELOW_HUNDRED
        .')?|'
        .self::BELOW_HUNDRED
        .'|\d{1,3}(?:,\d{3})+|\d+(?:\.\d+)?)(?![\p{L}-]))';

    /** “half”, “a third”, “three quarters”; “third” alone is an ordinal. */
    public const FRACTION = '(?:(?:(?:an?|'.self::ONES_PATTERN.') )(?:hal(?:f|ves)|(?:'.self::PARTS_PATTERN.')s?)|half)(?![\p{L}-])';

    /** The tables as they are said: four *eights*. */
    public const TABLE = 'ones|twos|threes|fours|fives|sixes|sevens|eights|nines|tens|elevens|twelves';

    private const ONES = [
        'zero',
        'one',
        'two',
        'three',
        'four',
        'five',
        'six',
        'seven',
        'eight',
        'nine',
        'ten',
        'eleven',
        'twelve',
        'thirteen',
        'fourteen',
        'fifteen',
        'sixteen',
        'seventeen',
        'eighteen',
        'nineteen',
    ];

    private const TENS = [2 => 'twenty', 'thirty', 'forty', 'fifty', 'sixty', 'seventy', 'eighty', 'ninety'];

    private const PARTS = [
        'half' => 2,
        'halve' => 2,
        'third' => 3,
        'quarter' => 4,
        'fourth' => 4,
        'fifth' => 5,
        'sixth' => 6,
        'seventh' => 7,
        'eighth' => 8,
        'ninth' => 9,
        'tenth' => 10,
        'twelfth' => 12,
        'twentieth' => 20,
        'hundredth' => 100,
    ];

    private const ONES_PATTERN = 'one|two|three|four|five|six|seven|eight|nine';

    private const PARTS_PATTERN = 'third|quarter|fourth|fifth|sixth|seventh|eighth|ninth|tenth|twelfth|twentieth|hundredth';

    private const BELOW_HUNDRED = '(?:(?:twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety)(?:[ -](?:'
        .self::ONES_PATTERN
        .'))?|nineteen|eighteen|seventeen|sixteen|fifteen|fourteen|thirteen|twelve|eleven|ten|'
        .self::ONES_PATTERN
        .'|zero)';

    /**
     * A number in figures, however it was said: “forty-two” is “42”, “three quarters” is “3/4”, “eights” is “8”, “a” is “1”.
     * Anything else stays as it is.
     */
    public static function inFigures(string $said): string
    {
        $words = mb_strtolower($said);

        return match (true) {
            preg_match('~^an?$~', $words) === 1 => '1',
            preg_match('~^'.self::FRACTION.'$~u', $words) === 1 => self::fraction($words),
            preg_match('~^(?:'.self::TABLE.')$~', $words) === 1 => (string) (array_search($words, explode('|', self::TABLE), true) + 1),
            preg_match('~^'.self::NUMBER.'$~u', $words) === 1 => self::whole($words),
            default => $said,
        };
    }

    /** @param  string  $words what NUMBER matches */
    private static function whole(string $words): string
    {
        if (preg_match('/\d/', $words) === 1) {
            return $words;
        }
        $value = 0;
        foreach (preg_split('/[ -]/', $words) ?: [] as $word) {
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

    /**
     * @param  string  $words what FRACTION matches
     * @return string such as “3/4”
     */
    private static function fraction(string $words): string
    {
        $words = explode(' ', $words);
        $part = rtrim(array_pop($words), 's');
        $top = max(1, (int) self::whole($words[0] ?? 'one'));

        return $top.'/'.(self::PARTS[$part] ?? 1);
    }
}
