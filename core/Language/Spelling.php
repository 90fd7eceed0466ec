<?php

declare(strict_types=1);

namespace Daybright\Language;

/** The letters of a word matched to its sounds, by the likeliest of all ways to cut it. */
final class Spelling
{
    private const SILENT = 1.6;

    private const UNUSUAL = 4.0;

    /**
     * @return list<array{string, list<Sound>}>|null letters and the sounds they write; silent letters stand with no sound; null when they cannot be matched
     */
    public static function match(string $word, Pronunciation $pronunciation): ?array
    {
        $sounds = $pronunciation->sounds;
        [$length, $count] = [strlen($word), count($sounds)];
        /** @var array<int, array<int, array{float, list<array{string, list<Sound>}>}>> $best letters used => sounds used => cost and cut */
        $best = [0 => [0 => [0.0, []]]];
        for ($at = 0; $at < $length; $at++) {
            foreach ($best[$at] ?? [] as $used => [$cost, $cut]) {
                foreach (self::steps($word, $at, array_slice($sounds, $used, 2)) as [$letters, $taken, $price]) {
                    $next = $at + strlen($letters);
                    $total = $cost + $price;
                    if (! isset($best[$next][$used + $taken]) || $total < $best[$next][$used + $taken][0]) {
                        $best[$next][$used + $taken] = [$total, [...$cut, [$letters, array_slice($sounds, $used, $taken)]]];
                    }
                }
            }
        }
        $found = $best[$length][$count] ?? null;

        return $found === null || $found[0] > self::UNUSUAL * 2 ? null : $found[1];
    }

    /**
     * What the letters from here on may write.
     *
     * @param  list<Sound>  $sounds the next two
     * @return list<array{string, int, float}> letters, how many sounds they write, how unlikely that is
     */
    private static function steps(string $word, int $at, array $sounds): array
    {
        $rest = substr($word, $at);
        $isEnd = strlen($rest) === 1;
        // A silent letter: likely at the end, where an e changes the vowel before it.
        $steps = [[$rest[0], 0, $isEnd && $rest[0] === 'e' ? 0.2 : self::SILENT]];
        if ($sounds === []) {
            return $steps;
        }
        foreach ($sounds[0]->spellings() as $rank => $spelling) {
            if (str_starts_with($rest, $spelling)) {
                // Longer spellings are the better match: “sh” before “s” and a silent “h”.
                $steps[] = [$spelling, 1, $rank * 0.12 - (strlen($spelling) - 1) * 0.3];
            }
        }
        if ($sounds[0]->isVowel() && str_contains('aeiouy', $rest[0])) {
            $steps[] = [$rest[0], 1, self::UNUSUAL / 2];
        }
        foreach (self::pairs($sounds) as $spelling) {
            if (str_starts_with($rest, $spelling)) {
                $steps[] = [$spelling, 2, 0.4];
            }
        }

        return $steps;
    }

    /**
     * Letters that write two sounds at once: x in “box”, u in “music”, o in “one”.
     *
     * @param  list<Sound>  $sounds
     * @return list<string>
     */
    private static function pairs(array $sounds): array
    {
        return match ($sounds) {
            [Sound::K, Sound::S], [Sound::G, Sound::Z] => ['x', 'xe', 'cc'],
            [Sound::Y, Sound::UW], [Sound::Y, Sound::AH], [Sound::Y, Sound::UH] => ['u', 'ew', 'ue', 'eu', 'eau', 'iew'],
            [Sound::W, Sound::AH] => ['o'],
            [Sound::NG, Sound::K] => ['ng'],
            [Sound::AH, Sound::L] => ['le', 'l'],
            [Sound::AH, Sound::M] => ['m'],
            [Sound::T, Sound::S] => ['zz', 'z'],
            [Sound::W, Sound::AA], [Sound::W, Sound::AY] => ['oi', 'oy'],
            [Sound::AY, Sound::ER] => ['ire', 'yre'],
            default => [],
        };
    }
}
