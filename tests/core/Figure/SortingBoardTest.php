<?php

declare(strict_types=1);

namespace Tests\Core\Figure;

use Daybright\Figure\SortingBoard\SortingBoard;
use Daybright\Lesson\Fields;
use PHPUnit\Framework\TestCase;

final class SortingBoardTest extends TestCase
{
    use ChecksFigures;

    public function test_what_belongs_where_is_told_and_asked(): void
    {
        $board = SortingBoard::from(new Fields(SortingBoard::blank()));
        $facts = self::facts($board);
        self::assertSame(['5', 'the Sun, a candle, a lamp', '2'], [$facts['count'], $facts['things a'], $facts['count b']]);
        $task = $board->task();
        self::assertSame('sort', $task['type']);
        self::assertSame(['group-1', 'group-1', 'group-1', 'group-2', 'group-2'], array_column($task['items'], 'group'));
    }

    public function test_boards_that_cannot_be_are_refused(): void
    {
        $group = static fn (string $name, string ...$items): array => [
            'name' => $name,
            'rule' => '',
            'items' => array_map(static fn (string $item): array => ['text' => $item], array_values($items)),
        ];
        self::assertRefused(SortingBoard::class, ['groups' => [$group('a', 'x')]], 'groups', 'two to four');
        self::assertRefused(SortingBoard::class, ['groups' => [$group('a', 'x'), $group('a', 'y')]], 'groups', 'the same name');
        self::assertRefused(SortingBoard::class, ['groups' => [$group('a', 'x'), $group('b', 'x')]], 'groups', 'there twice');
        self::assertRefused(SortingBoard::class, ['groups' => [$group('a'), $group('b')]], 'groups', 'from 1 to 20');
        self::assertRefused(
            SortingBoard::class,
            ['groups' => [$group('a', ...array_map(strval(...), range(1, 14))), $group('b')]],
            'groups',
            'more in one group',
        );
    }

    /** @return non-empty-list<SortingBoard> */
    protected static function randomFigures(int $seed): array
    {
        mt_srand($seed);
        $figures = [];
        $words = ['the Sun', 'a candle', 'a glow-worm at night', 'lamp', 'a mirror on the wall', 'ice'];
        for ($round = 0; $round < 120; $round++) {
            $groups = array_map(static fn (int $number): array => [
                'name' => [
                    'Gives light',
                    'Reflects light of a Sun',
                    'Neither',
                    'Both',
                ][$number], 'rule' => ['', 'makes light of its own', 'needs light from elsewhere'][mt_rand(0, 2)],
                'items' => array_map(
                    static fn (int $item): array => ['text' => $words[mt_rand(0, 5)]." {$number}{$item}"],
                    range(0, mt_rand(0, 4)),
                ),
            ], range(0, mt_rand(1, 3)));
            $figures[] = SortingBoard::from(new Fields(['groups' => $groups]));
        }

        return $figures;
    }
}
