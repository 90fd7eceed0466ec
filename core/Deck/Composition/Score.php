<?php

declare(strict_types=1);

namespace Daybright\Deck\Composition;

use Daybright\Scene\Box;

/** How well a composition uses the slide. The terms are shares from 0 to 1; their weights were found by looking at slides. */
final class Score
{
    /** A slide in running text of this size is easy to read from the back of a room, in slide units. */
    private const EASY = 50.0;

    private const HARD = 32.0;

    /** Width over height, from which on a figure is stretched. */
    private const WIDE = 2.2;

    /** @param  non-empty-list<Item>  $items */
    public static function of(Composed $composed, array $items, Box $room): float
    {
        $seen = array_map(static fn (Place $place): Box => $place->seen, $composed->places);
        $areas = array_map(static fn (Box $box): float => min(1.0, $box->area() / $room->area()), $seen);

        return array_sum($areas)
            + 1.4 * (1 - EmptySpace::largest($seen, $room))
            + 0.8 * min(1.0, $composed->size / self::EASY)
            - ($composed->size < self::HARD ? 0.5 : 0.0)
            + 0.5 * min(1.0, max([0.0, ...$areas]) / 0.5)
            - 0.5 * self::imbalance($seen, $room)
            - 0.5 * self::smallRooms($composed, $items, $room)
            - self::stretched($composed, $items)
            - self::partedWords($composed, $items)
            - self::unlikeCards($composed, $items)
            - 3.0 * count($composed->overfull);
    }

    /** @param  list<Box>  $seen */
    private static function imbalance(array $seen, Box $room): float
    {
        $weight = array_sum(array_map(static fn (Box $box): float => $box->area(), $seen));
        if ($weight <= 0) {
            return 0.0;
        }
        $middle = array_sum(array_map(static fn (Box $box): float => $box->middleX() * $box->area(), $seen)) / $weight;

        return min(1.0, abs($middle - $room->middleX()) / ($room->width / 2));
    }

    /**
     * A figure that is much wider than high is read less well than one that is not.
     *
     * @param  list<Item>  $items
     */
    private static function stretched(Composed $composed, array $items): float
    {
        $most = 0.0;
        foreach ($composed->places as $place) {
            if ($items[$place->item]->room() !== null && $place->seen->height > 0) {
                $most = max($most, $place->seen->width / $place->seen->height - self::WIDE);
            }
        }

        return min(0.5, $most / 2.5);
    }

    /**
     * Words in two columns are read as two thoughts: only where one column would be too small.
     *
     * @param  list<Item>  $items
     */
    private static function partedWords(Composed $composed, array $items): float
    {
        foreach ($composed->composition->bands as $band) {
            $inColumns = array_merge(...array_map(static fn (Column $column): array => $column->items, $band));
            $words = array_filter(
                $inColumns,
                static fn (int $item): bool => $items[$item]->room() === null && ! $items[$item]->standsInRow(),
            );
            if (count($band) > 1 && count($words) === count($inColumns)) {
                return 0.8;
            }
        }

        return 0.0;
    }

    /**
     * Cards are compared side by side, and as equals.
     *
     * @param  list<Item>  $items
     */
    private static function unlikeCards(Composed $composed, array $items): float
    {
        $cards = array_filter($composed->places, static fn (Place $place): bool => $items[$place->item]->standsInRow());
        $sizes = array_unique(array_map(
            static fn (Place $place): string => round($place->room->width).' '.round($place->room->height),
            $cards,
        ));
        $columns = array_unique(array_map(static fn (Place $place): int => (int) round($place->room->x), $cards));

        return count($sizes) > 1 || count($columns) < min(2, count($cards)) ? 0.3 : 0.0;
    }

    /**
     * How far pictures and figures stay below the half of the slide that they deserve, shared among them.
     *
     * @param  list<Item>  $items
     */
    private static function smallRooms(Composed $composed, array $items, Box $room): float
    {
        $rooms = array_filter($composed->places, static fn (Place $place): bool => $items[$place->item]->room() !== null);
        if ($rooms === []) {
            return 0.0;
        }
        $share = array_sum(array_map(static fn (Place $place): float => $place->seen->area(), $rooms)) / $room->area();

        return max(0.0, 0.5 - $share) / 0.5;
    }
}
