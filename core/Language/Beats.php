<?php

declare(strict_types=1);

namespace Daybright\Language;

/** How many beats (syllables) a word has: from the dictionary, and by rule for words that are not in it. */
final class Beats
{
    public static function of(string $word): int
    {
        $word = strtolower((string) preg_replace('/[^\p{L}]/u', '', str_replace(['’', "'"], '', $word)));

        return $word === '' ? 1 : (Dictionary::shipped()->pronunciation($word)?->beats() ?? self::byRule($word));
    }

    /** A beat for each group of vowels; a silent e at the end and the e of -es and -ed do not count (common practice). */
    public static function byRule(string $word): int
    {
        $word = strtolower($word);
        $tidied = (string) preg_replace(['/(?<=[aeiouy]{1})([^aeiouy]*)es$/', '/(?<=[^aeiouytd])ed$/', '/(?<=[^aeiouyl])e$/', '/(?<=[aeiouy])le$/', '/^y/'], ['$1s', 'd', '', 'l', 'j'], $word);
        $groups = (int) preg_match_all('/[aeiouy]+/', $tidied);
        // “poet” and “diary” have a beat for each of two vowels.
        $split = (int) preg_match_all('/(ia|io(?!us|n)|eo|iu|ua(?!r)|uou|ying$|oing$)/', $tidied);

        return max(1, $groups + $split);
    }
}
