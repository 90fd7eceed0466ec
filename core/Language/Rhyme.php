<?php

declare(strict_types=1);

namespace Daybright\Language;

/** Whether lines of verse end alike. */
final class Rhyme
{
    /** What must be alike at the end of two rhyming words: sounds where they are known, otherwise letters. */
    public static function ending(string $line): string
    {
        $word = self::lastWord($line);
        $pronunciation = Dictionary::shipped()->pronunciation($word);
        if ($pronunciation !== null) {
            return implode(' ', array_map(static fn (Sound $sound): string => $sound->name, $pronunciation->rhyme()));
        }

        return preg_match('/[aeiouy]+[^aeiouy]*e?$/', $word, $match) === 1 ? "-{$match[0]}" : $word;
    }

    public static function lastWord(string $line): string
    {
        return preg_match('/(\p{L}[\p{L}\'’]*)\P{L}*$/u', $line, $match) === 1 ? str_replace(["'", '’'], '', mb_strtolower($match[1])) : '';
    }
}
