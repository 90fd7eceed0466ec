<?php

declare(strict_types=1);

namespace Daybright\Language;

/** How many syllables a word has; the interface calls them beats: from the dictionary, and by rule for words that are not in it. */
final class Syllables
{
    public static function count(string $word): int
    {
        return array_sum(array_map(self::ofPart(...), explode('-', $word)));
    }

    public static function countInLine(string $line): int
    {
        return array_sum(array_map(self::count(...), Words::split($line)));
    }

    /** One for each group of vowels; a silent e at the end and the e of -es and -ed do not count (common practice). */
    public static function byRule(string $word): int
    {
        $word = strtolower($word);
        $tidied = (string) preg_replace(
            ['/(?<=[aeiouy]{1})([^aeiouy]*)es$/', '/(?<=[^aeiouytd])ed$/', '/(?<=[^aeiouyl])e$/', '/(?<=[aeiouy])(l{1,2})e$/', '/^y/'],
            ['$1s', 'd', '', '$1', 'j'],
            $word,
        );
        $groups = (int) preg_match_all('/[aeiouy]+/', $tidied);
        // “poet” and “diary” have one for each of two vowels.
        $split = (int) preg_match_all('/(ia|io(?!us|n)|eo|iu|ua(?!r)|uou|ying$|oing$)/', $tidied);

        return max(1, $groups + $split);
    }

    private static function ofPart(string $word): int
    {
        $letters = (string) preg_replace('/[^\p{L}]/u', '', mb_strtolower($word));

        return $letters === '' ? 0 : (Dictionary::shipped()->pronunciation($letters)?->syllables() ?? self::byRule($letters));
    }
}
