<?php

declare(strict_types=1);

namespace Daybright\Worked\Sheet;

use Daybright\Maths\Expression\NamedFunction;

/** Tells letters written side by side apart, “mc²” as m and c², by the names that are known; a word that is a name itself stays whole. */
final class SideBySide
{
    /** Runs of more letters are words, unless every letter of them is known. */
    private const LONGEST = 4;

    /**
     * @param  list<string>  $names of quantities that are known or asked
     * @return string the formula with a space between its names
     */
    public static function apart(string $formula, array $names): string
    {
        return (string) preg_replace_callback(
            '/\p{L}+(?:_\{?\w+\}?|[₀-₉]+)?/u',
            static fn (array $run): string => self::run($run[0], $names),
            $formula,
        );
    }

    /** @param  list<string>  $names */
    private static function run(string $run, array $names): string
    {
        if (
            mb_strlen($run) < 2
            || in_array($run, $names, true)
            || NamedFunction::isKnown($run)
            || in_array($run, ['pi', 'sqrt'], true)
            || preg_match('/^\p{L}[_₀-₉]/u', $run) === 1
        ) {
            return $run;
        }
        // “sinA”: a function before its letter.
        if (preg_match('/^(a?(?:sin|cos|tan)|ln|log|sqrt)(\p{L}.*)$/u', $run, $function) === 1 && ! in_array($run, $names, true)) {
            return $function[1].' '.self::run($function[2], $names);
        }
        $pieces = self::pieces($run, $names);
        $known = array_intersect($pieces, $names);
        $isWord = mb_strlen($run) > self::LONGEST && count($known) < count($pieces);

        return $known === [] || $isWord ? $run : implode(' ', $pieces);
    }

    /**
     * @param  list<string>  $names
     * @return list<string> the longest known name at each place, else one letter, “Δ” with what it stands before
     */
    private static function pieces(string $run, array $names): array
    {
        usort($names, static fn (string $one, string $other): int => mb_strlen($other) <=> mb_strlen($one));
        $pieces = [];
        while ($run !== '') {
            $found = array_values(array_filter($names, static fn (string $name): bool => str_starts_with($run, $name)))[0] ?? null;
            $piece = $found ?? (preg_match(
                '/^Δ\p{L}|^\p{L}(?:_\{?\w+\}?|[₀-₉]+)?/u',
                $run,
                $match,
            ) === 1 ? $match[0] : mb_substr($run, 0, 1));
            $pieces[] = $piece;
            $run = mb_substr($run, mb_strlen($piece));
        }

        return $pieces;
    }
}
