<?php

declare(strict_types=1);

namespace Daybright\Figure\Flow;

use Daybright\Figure\Drawing\Card;
use Daybright\Figure\InvalidQuantities;
use Daybright\Scene\Box;

/** Where the boxes stand. Each kind has a layout in which arrows cannot cross. */
final readonly class Layout
{
    public const GAP = 44.0;

    private const CARD = 200.0;

    private const HIGHEST = 655.0;

    public function __construct(private Flow $flow, private Box $box)
    {
    }

    /** @throws InvalidQuantities when no box is large enough */
    public static function smallest(Flow $flow): Box
    {
        // The narrowest box in which all words can be read under a title.
        foreach ([550.0, 800.0, 1100.0, 1430.0] as $width) {
            foreach (self::grids($flow, $width) as [$columns, $rows]) {
                $height = self::heightOf($flow, $width, $columns, $rows);
                if ($height !== null && $height <= self::HIGHEST) {
                    return new Box(0, 0, $width, max(300.0, $height));
                }
            }
        }
        throw InvalidQuantities::because(
            'There is too much to be read at once. Use fewer boxes, or fewer words in them.',
            $flow->kind === 'branch' ? 'tree' : ($flow->kind === 'cause' ? 'causes' : 'boxes'),
        );
    }

    /**
     * The grids in which the boxes may stand, the one tried first at the front.
     *
     * @return list<array{int, int}> columns and rows
     */
    private static function grids(Flow $flow, float $width): array
    {
        $count = count($flow->boxes);

        return match ($flow->kind) {
            'branch' => [[self::depth($flow) + 1, self::leaves($flow)]],
            'cause' => [[3, max(count($flow->ofLevel(0)), count($flow->ofLevel(2)))]],
            'cycle' => array_map(static fn (int $rows): array => [max(2, (int) ceil(($count + 4) / 2) - $rows), $rows], [2, 3, 4]),
            default => self::rowsOf($flow, $width, $count),
        };
    }

    /** @return list<array{int, int}> */
    private static function rowsOf(Flow $flow, float $width, int $count): array
    {
        $longest = max(self::longestWord($flow), self::CARD);
        $perRow = max(
            1,
            min($count, (int) floor(($width + self::GAP) / ($longest + self::GAP)), $count > 4 ? (int) ceil($count / 2) : $count),
        );

        return [[$perRow, (int) ceil($count / $perRow)]];
    }

    /** How high the whole must be for its words to be read; null when the columns are too narrow for a word. */
    private static function heightOf(Flow $flow, float $width, int $columns, int $rows): ?float
    {
        $card = ($width - ($columns - 1) * self::GAP) / $columns;
        if ($card < self::longestWord($flow)) {
            return null;
        }
        $high = max(array_map(static fn (int $number): float => Card::leastHeight($flow->label($number), $card), array_keys($flow->boxes)));

        return in_array($flow->kind, ['branch', 'cause'], true) ? $rows * ($high + 12) + 12 : $rows * $high + ($rows - 1) * self::GAP + 12;
    }

    private static function longestWord(Flow $flow): float
    {
        return max(array_map(static fn (int $number): float => Card::leastWidth($flow->label($number)), array_keys($flow->boxes)));
    }

    /** @return list<Box> */
    public function boxes(): array
    {
        return match ($this->flow->kind) {
            'cycle' => $this->ring() ?? $this->track(),
            'branch' => $this->tree(),
            'cause' => $this->threeColumns(),
            default => $this->rows(),
        };
    }

    /** @return list<Box>|null around an ellipse; null when the boxes would stand too close */
    private function ring(): ?array
    {
        $count = count($this->flow->boxes);
        if ($count > 6) {
            return null;
        }
        [$width, $height] = [min(330.0, $this->box->width * 0.3), min(130.0, $this->box->height * 0.22)];
        $boxes = [];
        for ($number = 0; $number < $count; $number++) {
            $angle = -M_PI / 2 + 2 * M_PI * $number / $count;
            $x = $this->box->middleX() + cos($angle) * ($this->box->width - $width - 6) / 2 * 0.92;
            $y = $this->box->middleY() + sin($angle) * ($this->box->height - $height - 6) / 2;
            $boxes[] = new Box($x - $width / 2, $y - $height / 2, $width, $height);
        }
        foreach ($boxes as $number => $box) {
            if (Card::leastHeight($this->flow->label($number), $width) > $height) {
                return null;
            }
            foreach (array_slice($boxes, $number + 1) as $other) {
                if ((new Box($box->x - 30, $box->y - 30, $box->width + 60, $box->height + 60))->overlaps($other)) {
                    return null;
                }
            }
        }

        return $boxes;
    }

    /**
     * Round the edge of a grid, clockwise.
     *
     * @return list<Box>
     */
    private function track(): array
    {
        $count = count($this->flow->boxes);
        $grids = self::grids($this->flow, $this->box->width);
        $fitting = array_values(array_filter(
            $grids,
            fn (array $grid): bool => (self::heightOf($this->flow, $this->box->width, ...$grid) ?? INF) <= $this->box->height + 8,
        ));
        [$columns, $rows] = $fitting[0] ?? $grids[0];
        $places = [];
        for ($column = 0; $column < $columns; $column++) {
            $places[] = [$column, 0];
        }
        for ($row = 1; $row < $rows; $row++) {
            $places[] = [$columns - 1, $row];
        }
        for ($column = $columns - 2; $column >= 0; $column--) {
            $places[] = [$column, $rows - 1];
        }
        for ($row = $rows - 2; $row >= 1; $row--) {
            $places[] = [0, $row];
        }
        $width = ($this->box->width - ($columns - 1) * self::GAP) / $columns;
        $height = min(180.0, ($this->box->height - ($rows - 1) * self::GAP) / $rows);
        $gap = $rows === 1 ? 0.0 : min(2 * self::GAP, ($this->box->height - $rows * $height) / ($rows - 1));
        $top = $this->box->middleY() - ($rows * $height + ($rows - 1) * $gap) / 2;

        return array_map(function (int $number) use ($places, $count, $width, $height, $gap, $top): Box {
            [$column, $row] = $places[(int) floor($number * count($places) / $count)];

            return new Box($this->box->x + $column * ($width + self::GAP), $top + $row * ($height + $gap), $width, $height);
        }, range(0, $count - 1));
    }

    /**
     * Row after row, every other one from right to left, so that each arrow is short.
     *
     * @return list<Box>
     */
    private function rows(): array
    {
        $count = count($this->flow->boxes);
        [$perRow, $rows] = self::rowsOf($this->flow, $this->box->width, $count)[0];
        $width = ($this->box->width - ($perRow - 1) * self::GAP) / $perRow;
        $height = min(190.0, ($this->box->height - ($rows - 1) * self::GAP) / $rows);
        $top = $this->box->middleY() - ($rows * $height + ($rows - 1) * self::GAP) / 2;
        $boxes = [];
        for ($number = 0; $number < $count; $number++) {
            $row = intdiv($number, $perRow);
            $column = $row % 2 === 0 ? $number % $perRow : $perRow - 1 - $number % $perRow;
            $boxes[] = new Box($this->box->x + $column * ($width + self::GAP), $top + $row * ($height + self::GAP), $width, $height);
        }

        return $boxes;
    }

    /**
     * Levels from left to right, leaves under one another, each box in the middle of what branches off it.
     *
     * @return list<Box>
     */
    private function tree(): array
    {
        $columns = self::depth($this->flow) + 1;
        $width = ($this->box->width - ($columns - 1) * self::GAP) / $columns;
        $slot = $this->box->height / self::leaves($this->flow);
        $height = min(190.0, $slot - 12);
        $middles = [];
        $leaf = 0;
        for ($number = count($this->flow->boxes) - 1; $number >= 0; $number--) {
            $children = array_keys(array_filter($this->flow->boxes, static fn (FlowBox $box): bool => $box->parent === $number));
            $middles[$number] = $children === []
                ? $this->box->bottom() - (++$leaf - 0.5) * $slot
                : array_sum(array_map(static fn (int $child): float => $middles[$child], $children)) / count($children);
        }

        return array_map(
            fn (FlowBox $box, int $number): Box => new Box(
                $this->box->x + $box->level * ($width + self::GAP),
                $middles[$number] - $height / 2,
                $width,
                $height,
            ),
            $this->flow->boxes,
            array_keys($this->flow->boxes),
        );
    }

    /** @return list<Box> */
    private function threeColumns(): array
    {
        $width = ($this->box->width - 2 * self::GAP) / 3;
        $counts = [0 => count($this->flow->ofLevel(0)), 1 => 1, 2 => count($this->flow->ofLevel(2))];
        $seen = [0 => 0, 1 => 0, 2 => 0];
        $boxes = [];
        foreach ($this->flow->boxes as $box) {
            $slot = $this->box->height / $counts[$box->level];
            $height = min(190.0, $slot - 12);
            $boxes[] = new Box(
                $this->box->x + $box->level * ($width + self::GAP),
                $this->box->y + ($seen[$box->level] + 0.5) * $slot - $height / 2,
                $width,
                $height,
            );
            $seen[$box->level]++;
        }

        return $boxes;
    }

    private static function depth(Flow $flow): int
    {
        return max(array_map(static fn (FlowBox $box): int => $box->level, $flow->boxes));
    }

    private static function leaves(Flow $flow): int
    {
        $parents = array_map(static fn (FlowBox $box): ?int => $box->parent, $flow->boxes);

        return count(array_filter(array_keys($flow->boxes), static fn (int $number): bool => ! in_array($number, $parents, true)));
    }
}
