<?php

declare(strict_types=1);

namespace Daybright\Language;

/**
 * Some words that stand together in a text, called by themselves, so that they are found again when words were put in before them:
 * “the shadow”, and “the shadow (2)” where they stand there for the second time. Its twin in the browser is web/stage/live/phrase.ts.
 */
final class Phrase
{
    private const NAMED = '/^(?<words>.+?)(?: \((?<time>\d{1,3})\))?$/us';

    /** A word as it is called: without the signs around it. */
    public static function word(string $written): string
    {
        $word = (string) preg_replace('/^[\p{P}]+(?=\S*[\p{L}\p{N}])|(?<=[\p{L}\p{N}])[\p{P}]+$/u', '', $written);

        return $word === '' ? $written : $word;
    }

    /**
     * @param  list<string>  $words of the whole text
     * @param  int  $from number of its first word, from 0
     * @param  int  $to number of its last word
     */
    public static function name(array $words, int $from, int $to): string
    {
        $phrase = implode(' ', array_slice($words, $from, $to - $from + 1));
        $time = count(array_filter(self::places($words, $phrase), static fn (int $place): bool => $place <= $from));

        return $time > 1 ? "{$phrase} ({$time})" : $phrase;
    }

    /**
     * @param  list<string>  $words of the whole text
     * @return array{int, int}|null numbers of its first and its last word; null where it is not found
     */
    public static function find(array $words, string $name): ?array
    {
        preg_match(self::NAMED, $name, $found);
        $phrase = $found['words'] ?? '';
        $place = self::places($words, $phrase)[(int) ($found['time'] ?? 1) - 1] ?? null;

        return $place === null ? null : [$place, $place + substr_count($phrase, ' ')];
    }

    /**
     * @param  list<string>  $words
     * @return list<int> numbers of the words at which a phrase begins
     */
    private static function places(array $words, string $phrase): array
    {
        $length = substr_count($phrase, ' ') + 1;

        return array_values(array_filter(
            array_keys($words),
            static fn (int $place): bool => implode(' ', array_slice($words, $place, $length)) === $phrase,
        ));
    }
}
