<?php

declare(strict_types=1);

namespace Daybright\Language;

/** Whether lines of verse end alike. */
final class Rhyme
{
    /**
     * What must be alike at the end of two rhyming words: sounds where they are known or can be inferred from words spelled alike,
     * otherwise letters.
     */
    public static function ending(string $line): string
    {
        $word = self::lastWord($line);
        $pronunciation = Dictionary::shipped()->pronunciation($word);
        if ($pronunciation !== null) {
            return self::endingSounds($pronunciation);
        }
        $letters = preg_match('/[aeiouy]+[^aeiouy]*e?$/', $word, $match) === 1 ? $match[0] : $word;

        return self::ofWordsSpelledAlike($word, strlen($letters)) ?? "-{$letters}";
    }

    public static function lastWord(string $line): string
    {
        $words = Words::split($line);
        $last = explode('-', $words === [] ? '' : $words[count($words) - 1]);

        return str_replace(["'", '’'], '', mb_strtolower($last[count($last) - 1]));
    }

    /** How a new word such as “vlog” ends is inferred from the words that share the most letters with it at the end. */
    private static function ofWordsSpelledAlike(string $word, int $least): ?string
    {
        for ($length = strlen($word) - 1; $length >= $least; $length--) {
            $endings = array_count_values(array_map(
                self::endingSounds(...),
                Dictionary::shipped()->pronunciationsEndingIn(substr($word, -$length)),
            ));
            if ($endings !== []) {
                arsort($endings);

                return (string) array_key_first($endings);
            }
        }

        return null;
    }

    private static function endingSounds(Pronunciation $pronunciation): string
    {
        $names = implode(' ', array_map(static fn (Sound $sound): string => $sound->name, $pronunciation->rhyme()));

        // The dictionary writes the vowel of “dog”, “lost” and “off” in two ways, and “fire” with one beat where “higher” has two.
        return (string) preg_replace(['/^AO (?=G|NG|F|S|TH)/', '/^(AY|AW) R\b/'], ['AA ', '$1 ER'], $names);
    }
}
