<?php

declare(strict_types=1);

namespace Daybright\Language;

/** Words of a text, counted and compared. */
final class WordCount
{
    /** Letters from which on a word tells something, and is no “the” or “and”. */
    private const TELLING = 4;

    public static function of(string $text): int
    {
        return (int) preg_match_all('/[\p{L}\p{N}][\p{L}\p{N}’\'.,]*/u', $text);
    }

    /** @return list<string> the different words that tell something, in small letters */
    public static function telling(string $text): array
    {
        $words = preg_split('/[^\p{L}\p{N}]+/u', mb_strtolower($text)) ?: [];

        return array_values(array_unique(array_filter($words, static fn (string $word): bool => mb_strlen($word) >= self::TELLING)));
    }
}
