<?php

declare(strict_types=1);

namespace Daybright\Deck\Composition;

use Daybright\Deck\Arrangement;

/** The compositions that are worth trying for a slide. Blocks stay in their order: left to right, then downwards. */
final readonly class Compositions
{
    /** Shares of the left column. */
    private const SHARES = [0.36, 0.42, 0.5, 0.58, 0.64];

    private const EVEN = [0.5];

    /** @param  non-empty-list<Item>  $items */
    private function __construct(private array $items)
    {
    }

    /**
     * @param  non-empty-list<Item>  $items
     * @return non-empty-list<Composition>
     */
    public static function of(array $items, Arrangement $wish, ?float $share, bool $hasColumns = true): array
    {
        $all = new self($items);
        $numbers = array_keys($items);

        if (! $hasColumns) {
            return [Composition::stack($all->inOrder($wish))];
        }

        return match ($wish) {
            Arrangement::Whole, Arrangement::Filled => $all->free(),
            Arrangement::Opening => [Composition::stack($numbers)],
            default => [$all->inRegions($wish, $share ?? $wish->share())],
        };
    }

    /** @return non-empty-list<Composition> */
    private function free(): array
    {
        $numbers = array_keys($this->items);
        $count = count($numbers);
        $found = [Composition::stack($numbers), ...$this->rows($numbers)];
        if ($count < 2) {
            return [$found[0]];
        }
        array_push($found, ...array_map(static fn (array $band): Composition => new Composition([$band]), $this->beside($numbers)));
        if ($count < 3) {
            return $found;
        }
        $first = new Column([$numbers[0]]);
        $last = new Column([$numbers[$count - 1]]);
        foreach ($this->beside(array_slice($numbers, 1)) as $band) {
            $found[] = new Composition([[$first], $band]);
        }
        foreach ($this->beside(array_slice($numbers, 0, -1)) as $band) {
            $found[] = new Composition([$band, [$last]]);
        }

        return $found;
    }

    /**
     * Two columns.
     *
     * @param  list<int>  $numbers
     * @return list<non-empty-list<Column>>
     */
    private function beside(array $numbers): array
    {
        $bands = [];
        foreach ($this->seams($numbers) as $at) {
            $left = array_slice($numbers, 0, $at);
            $right = array_slice($numbers, $at);
            if ($left === [] || $right === []) {
                continue;
            }
            $alike = $this->takesRoom($left) === $this->takesRoom($right);
            foreach ($alike ? self::EVEN : self::SHARES as $share) {
                $bands[] = [new Column($left, $share), new Column($right, 1 - $share)];
            }
        }

        return $bands;
    }

    /**
     * Where the blocks may be parted: where words meet a picture or figure, and where the words are halved.
     *
     * @param  list<int>  $numbers
     * @return list<int> how many stand before the seam
     */
    private function seams(array $numbers): array
    {
        $seams = [];
        $letters = array_map(fn (int $number): int => $this->items[$number]->letters, $numbers);
        $best = 0;
        $least = INF;
        for ($at = 1; $at < count($numbers); $at++) {
            if ($this->takesRoom([$numbers[$at - 1]]) !== $this->takesRoom([$numbers[$at]])) {
                $seams[] = $at;
            }
            $difference = abs(array_sum(array_slice($letters, 0, $at)) - array_sum(array_slice($letters, $at)));
            [$best, $least] = $difference < $least ? [$at, $difference] : [$best, $least];
        }

        return array_values(array_unique([...$seams, $best]));
    }

    /**
     * Cards or pictures side by side, alone or under or over one other block.
     *
     * @param  non-empty-list<int>  $numbers
     * @return list<Composition>
     */
    private function rows(array $numbers): array
    {
        $found = [];
        foreach ([[0, 0], [1, 0], [0, 1]] as [$before, $after]) {
            $row = array_slice($numbers, $before, count($numbers) - $before - $after);
            if (count($row) < 2 || count($row) > 6 || ! $this->canStandInRow($row)) {
                continue;
            }
            foreach (array_unique([count($row), (int) ceil(count($row) / 2)]) as $columns) {
                if ($columns < 2 || $columns > 4) {
                    continue;
                }
                $bands = array_map(
                    static fn (array $each): array => array_map(static fn (int $item): Column => new Column([$item], 1 / $columns), $each),
                    array_chunk($row, $columns),
                );
                $found[] = new Composition([
                    ...($before > 0 ? [[new Column([$numbers[0]])]] : []),
                    ...$bands,
                    ...($after > 0 ? [[new Column([$numbers[count($numbers) - 1]])]] : []),
                ]);
            }
        }

        return $found;
    }

    /** @return list<int> numbers of the blocks on the right or below */
    private function inSecondRegion(Arrangement $wish): array
    {
        $second = $wish->names()[1] ?? '';

        return array_values(array_filter(
            array_keys($this->items),
            fn (int $number): bool => $this->items[$number]->block->region === $second,
        ));
    }

    /** @return non-empty-list<int> as they are read where nothing stands side by side */
    private function inOrder(Arrangement $wish): array
    {
        $numbers = array_keys($this->items);
        $after = $this->inSecondRegion($wish);
        $ordered = [...array_values(array_diff($numbers, $after)), ...$after];

        return $ordered === [] ? $numbers : $ordered;
    }

    private function inRegions(Arrangement $wish, float $share): Composition
    {
        $after = $this->inSecondRegion($wish);
        $before = array_values(array_diff(array_keys($this->items), $after));
        if ($before === [] || $after === []) {
            return Composition::stack(array_keys($this->items));
        }

        return $wish === Arrangement::Stacked
            ? new Composition([[new Column($before)], [new Column($after)]])
            : new Composition([[new Column($before, $share), new Column($after, 1 - $share)]]);
    }

    /** @param  list<int>  $numbers */
    private function takesRoom(array $numbers): bool
    {
        return array_filter($numbers, fn (int $number): bool => $this->items[$number]->room() !== null) !== [];
    }

    /** @param  list<int>  $numbers */
    private function canStandInRow(array $numbers): bool
    {
        $cards = array_filter($numbers, fn (int $number): bool => $this->items[$number]->standsInRow());
        $rooms = array_filter($numbers, fn (int $number): bool => $this->items[$number]->room() !== null);

        return count($cards) === count($numbers) || count($rooms) === count($numbers);
    }
}
