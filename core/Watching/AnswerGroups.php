<?php

declare(strict_types=1);

namespace Daybright\Watching;

/**
 * Puts answers together that say nothing, that are the same, or that are nearly the same.
 *
 * Nearly the same is told by shingles (Broder, On the resemblance and containment of documents, 1997): of all runs of three words in
 * either answer, the share that stands in both.
 */
final class AnswerGroups
{
    /** The share of shingles from which answers are nearly the same. */
    public const THRESHOLD = 0.6;

    /** Words of a shingle. */
    private const RUN = 3;

    /** Shorter answers are alike because there is not much else to say. */
    public const LEAST_WORDS = 8;

    /**
     * @param  array<string, string>  $answers text by id
     * @return list<AnswerGroup> the largest first; those that stand alone last, in the order in which they came
     */
    public static function find(array $answers): array
    {
        $words = array_map(self::words(...), $answers);
        $blank = array_keys(array_filter($words, static fn (array $each): bool => $each === []));
        $groups = $blank === [] ? [] : [new AnswerGroup(Likeness::Blank, $blank)];
        foreach (self::joined(array_filter($words)) as $ids) {
            $groups[] = new AnswerGroup(self::likeness($ids, $words), $ids);
        }
        usort($groups, static fn (AnswerGroup $one, AnswerGroup $other): int => count($other->answers) <=> count($one->answers));

        return $groups;
    }

    /**
     * @param  list<string>  $ids
     * @param  array<string, list<string>>  $words
     */
    private static function likeness(array $ids, array $words): Likeness
    {
        $different = array_unique(array_map(static fn (string $id): string => implode(' ', $words[$id]), $ids));

        return match (true) {
            count($ids) === 1 => Likeness::Single,
            count($different) === 1 => Likeness::Same,
            default => Likeness::Alike,
        };
    }

    /**
     * @param  array<string, list<string>>  $words
     * @return list<list<string>> ids
     */
    private static function joined(array $words): array
    {
        $shingles = array_map(self::shingles(...), $words);
        $groups = [];
        foreach ($words as $id => $each) {
            foreach ($groups as $number => $group) {
                $first = $group[0];
                if ($each === $words[$first] || self::resemblance($shingles[$id], $shingles[$first]) >= self::THRESHOLD) {
                    $groups[$number][] = (string) $id;

                    continue 2;
                }
            }
            $groups[] = [(string) $id];
        }

        return array_values($groups);
    }

    /**
     * @param  list<string>  $one
     * @param  list<string>  $other
     */
    private static function resemblance(array $one, array $other): float
    {
        $all = count(array_unique([...$one, ...$other]));

        return $all === 0 || $one === [] || $other === [] ? 0.0 : count(array_intersect($one, $other)) / $all;
    }

    /**
     * @param  list<string>  $words
     * @return list<string> none for a short answer
     */
    private static function shingles(array $words): array
    {
        if (count($words) < self::LEAST_WORDS) {
            return [];
        }
        $shingles = [];
        for ($at = 0; $at + self::RUN <= count($words); $at++) {
            $shingles[] = implode(' ', array_slice($words, $at, self::RUN));
        }

        return array_values(array_unique($shingles));
    }

    /** @return list<string> in small letters, without what stands between them */
    private static function words(string $text): array
    {
        preg_match_all('/[\p{L}\p{N}]+/u', mb_strtolower($text), $found);

        return $found[0];
    }
}
