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
}
