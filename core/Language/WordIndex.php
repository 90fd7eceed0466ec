<?php

declare(strict_types=1);

namespace Daybright\Language;

/**
 * Finds named things by words as people type them: whole words and their beginnings, one or many, capital or not.
 *
 * @template Thing
 */
final readonly class WordIndex
{
    private const WHOLE = 4;

    private const BEGINNING = 3;

    private const OTHER_WHOLE = 2;

    private const OTHER_BEGINNING = 1;

    /** All that was typed is the name. */
    private const NAMED = 10;

    /** So many first letters of a word stay the same from the singular to the plural. */
    private const STEM = 3;

    /** @param  list<array{Thing, string, list<string>}>  $things each with its name and its other words */
    private function __construct(private array $things)
    {
    }

    /**
     * @template Item
     *
     * @param  list<array{Item, string, list<string>}>  $things each with its name and its other words
     * @return self<Item>
     */
    public static function of(array $things): self
    {
        return new self($things);
    }

    /** @return list<Thing> those that have every word, the best first; those equally good in their own order */
    public function find(string $typed, int $most): array
    {
        $wanted = self::words($typed);
        if ($wanted === []) {
            return [];
        }
        $stems = array_map(static fn (string $word): string => mb_substr($word, 0, self::STEM), $wanted);
        $found = [];
        foreach ($this->things as $number => [, $name, $other]) {
            $others = implode(' ', $other);
            // Most things have nothing of a word: to take all of them apart would take most of the time.
            if (! self::hasAll(mb_strtolower("{$name} {$others}"), $stems)) {
                continue;
            }
            $score = self::score($wanted, self::words($name), self::words($others));
            if ($score > 0) {
                $found[$number] = $score;
            }
        }
        arsort($found);

        return array_map(fn (int $number) => $this->things[$number][0], array_slice(array_keys($found), 0, $most));
    }

    /** @param  list<string>  $stems */
    private static function hasAll(string $text, array $stems): bool
    {
        foreach ($stems as $stem) {
            if (! str_contains($text, $stem)) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  non-empty-list<string>  $wanted
     * @param  list<string>  $name
     * @param  list<string>  $other
     * @return float 0 where a word is missing; a shorter name is the better one
     */
    private static function score(array $wanted, array $name, array $other): float
    {
        $score = $wanted === $name ? self::NAMED : 0;
        foreach ($wanted as $word) {
            $found = match (true) {
                in_array($word, $name, true) => self::WHOLE,
                self::begins($word, $name) => self::BEGINNING,
                in_array($word, $other, true) => self::OTHER_WHOLE,
                self::begins($word, $other) => self::OTHER_BEGINNING,
                default => 0,
            };
            if ($found === 0) {
                return 0;
            }
            $score += $found;
        }

        return $score + 1 / (1 + count($name));
    }

    /** @param  list<string>  $words */
    private static function begins(string $beginning, array $words): bool
    {
        foreach ($words as $word) {
            if (str_starts_with($word, $beginning)) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> in small letters, each in the singular */
    private static function words(string $text): array
    {
        $words = preg_split('/[^\p{L}\p{N}]+/u', mb_strtolower($text), -1, PREG_SPLIT_NO_EMPTY);

        return array_map(self::singular(...), $words === false ? [] : $words);
    }

    /** The ordinary endings of plurals: enough to find “leaves” by “leaf” and “cherries” by “cherry”. */
    private static function singular(string $word): string
    {
        return match (true) {
            mb_strlen($word) < 4 || preg_match('/(?:ss|us|is)$/', $word) === 1 => $word,
            str_ends_with($word, 'ies') => substr($word, 0, -3).'y',
            preg_match('/(?:l|ar|al)ves$/', $word) === 1, str_ends_with($word, 'leaves') => substr($word, 0, -3).'f',
            preg_match('/(?:ch|sh|x|ss)es$/', $word) === 1 => substr($word, 0, -2),
            str_ends_with($word, 's') => substr($word, 0, -1),
            default => $word,
        };
    }
}
