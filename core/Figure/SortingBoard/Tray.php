<?php

declare(strict_types=1);

namespace Daybright\Figure\SortingBoard;

use Daybright\Scene\Box;

/**
 * A board whose things lie beside it and are put into groups one by one: where each of them is.
 *
 * @phpstan-type Item array{text: string, picture: string}
 */
final readonly class Tray
{
    private const GAP = 12.0;

    /** Chips are pressed together where one group holds more than there is room for. */
    private const SMALLEST = 0.7;

    private const LARGEST = 1.4;

    /**
     * @param  array<string, Item>  $items by id
     * @param  list<string>  $groups ids, from left to right
     * @param  array<string, string>  $placed group by item
     * @param  positive-int  $row how many lie beside one another
     */
    private function __construct(private array $items, private array $groups, private array $placed, private int $row)
    {
    }

    /**
     * @param  array<string, Item>  $items by id
     * @param  list<string>  $groups ids
     * @param  array<string, string>  $placed
     * @param  positive-int  $row how many have room beside one another
     */
    public static function with(array $items, array $groups, array $placed, int $row): self
    {
        // In the order in which they were put down; beside the groups in one that tells nothing of where they belong.
        uksort($items, static fn (string $one, string $other): int => crc32($one) <=> crc32($other));

        $known = array_filter(array_intersect_key($placed, $items), static fn (string $group): bool => in_array($group, $groups, true));

        return new self($items, $groups, $known, $row);
    }

    /** Height of what lies beside the groups at first, under the columns. */
    public function height(float $chip): float
    {
        return self::GAP + ceil(count($this->items) / $this->row) * $chip;
    }

    /**
     * @param  list<Box>  $columns where things are put in each group
     * @param  float  $chip height of the tallest thing
     * @return array<string, Box> by item
     */
    public function boxes(array $columns, Box $tray, float $chip): array
    {
        $boxes = [];
        $most = max([1, ...array_count_values($this->placed)]);
        $high = $chip * max(self::SMALLEST, min(self::LARGEST, $columns[0]->height / ($most * $chip)));
        foreach ($this->groups as $number => $group) {
            foreach (array_keys($this->placed, $group, true) as $index => $item) {
                $column = $columns[$number];
                $boxes[$item] = new Box(
                    $column->x + self::GAP,
                    $column->y + $index * $high,
                    $column->width - 2 * self::GAP,
                    min($high, $chip) - 8,
                );
            }
        }
        $each = ($tray->width + self::GAP) / $this->row;
        $at = 0;
        foreach (array_keys($this->items) as $item) {
            // Each keeps its place beside the groups, so that the others do not move when it is taken.
            $boxes[$item] ??= new Box(
                $tray->x + ($at % $this->row) * $each,
                $tray->y + self::GAP + intdiv($at, $this->row) * $chip,
                $each - self::GAP,
                $chip - 8,
            );
            $at++;
        }

        return $boxes;
    }
}
