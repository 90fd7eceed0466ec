<?php

declare(strict_types=1);

namespace Daybright\Watching;

/** What the answers of a class say about one question. */
final class ItemStatistics
{
    /**
     * The facility of an item: marks earned as a share of marks possible (common practice in classical test theory).
     *
     * @param  list<array{int, int}>  $marks earned and possible, of each marked answer
     * @return float|null 0 to 1; null while nothing is marked
     */
    public static function facility(array $marks): ?float
    {
        $possible = array_sum(array_column($marks, 1));

        return $possible === 0 ? null : array_sum(array_column($marks, 0)) / $possible;
    }

    /**
     * The wrong answer given most often, by at least two students: one alone is no pattern.
     *
     * @param  list<string>  $wrong answers in readable form
     * @return array{answer: string, count: int}|null
     */
    public static function commonestWrong(array $wrong): ?array
    {
        $counts = [];
        $first = [];
        foreach ($wrong as $answer) {
            $folded = mb_strtolower(trim($answer));
            $counts[$folded] = ($counts[$folded] ?? 0) + 1;
            $first[$folded] ??= $answer;
        }
        arsort($counts);
        $key = array_key_first($counts);

        return $key === null || $counts[$key] < 2 ? null : ['answer' => $first[$key], 'count' => $counts[$key]];
    }
}
