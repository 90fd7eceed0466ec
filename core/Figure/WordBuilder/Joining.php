<?php

declare(strict_types=1);

namespace Daybright\Figure\WordBuilder;

/** How a beginning and an ending may be written together (the joining rules of school spelling, common practice). */
final class Joining
{
    private const VOWEL_BEGINS = '/^[aeiouy]/';

    /** @return non-empty-list<string> the likeliest first; which of them is a word the dictionary tells */
    public static function spellings(string $beginning, string $ending): array
    {
        $changed = array_filter([
            self::doubled($beginning, $ending),
            self::withoutE($beginning, $ending),
            self::withChangedEnd($beginning, $ending),
            $ending === 's' && preg_match('/(s|x|z|ch|sh)$/', $beginning) === 1 ? "{$beginning}es" : null,
        ]);
        $plain = $beginning.$ending;

        // “dyeing” and “singeing” keep their e, and are not “dying” and “singing”.
        return preg_match('/(ye|inge)$/', $beginning) === 1 ? [$plain, ...array_values($changed)] : [...array_values($changed), $plain];
    }

    /** hop + ed is hopped, quiz + ed is quizzed, travel + ed is travelled, prefer + ed is preferred. */
    private static function doubled(string $beginning, string $ending): ?string
    {
        $isShort = preg_match('/(^|[^aeiou]|qu)[aeiou][bdgklmnprtz]$/', $beginning) === 1;

        return $isShort && preg_match(self::VOWEL_BEGINS, $ending) === 1 ? $beginning.substr($beginning, -1).$ending : null;
    }

    private static function withoutE(string $beginning, string $ending): ?string
    {
        return str_ends_with($beginning, 'e') && preg_match(self::VOWEL_BEGINS, $ending) === 1 ? substr($beginning, 0, -1).$ending : null;
    }

    /** try + ed is tried, try + s is tries, die + ing is dying. */
    private static function withChangedEnd(string $beginning, string $ending): ?string
    {
        if ($ending === 'ing' && str_ends_with($beginning, 'ie')) {
            return substr($beginning, 0, -2).'y'.$ending;
        }
        $isChanged = preg_match('/[^aeiou]y$/', $beginning) === 1 && ! str_starts_with($ending, 'i');

        return $isChanged ? substr($beginning, 0, -1).'i'.($ending === 's' ? 'es' : $ending) : null;
    }
}
