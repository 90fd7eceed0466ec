<?php

declare(strict_types=1);

namespace Tests\Core\Recording;

use Daybright\Recording\Take;
use Daybright\Recording\Timeline;
use Daybright\Recording\TimelineTracks;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Slides;

final class InkTest extends TestCase
{
    public function test_a_stroke_goes_when_it_is_taken_back_or_wiped_and_else_with_the_take(): void
    {
        $lesson = Slides::lesson([]);
        $takes = ['slide-1' => Take::recorded('take', 'slide-1', 480_000, [
            self::stroke(1000),
            self::stroke(2000),
            ['kind' => 'takeback', 'at' => 3000],
            self::stroke(4000),
            ['kind' => 'takeback', 'at' => 5000],
            ['kind' => 'wipe', 'at' => 6000],
            ['kind' => 'takeback', 'at' => 6500],
            self::stroke(7000),
        ], [])];
        $ink = TimelineTracks::build($lesson, Timeline::build($lesson, $takes))->toArray()['ink'];
        self::assertSame(
            [[1000.0, 6000.0], [2000.0, 3000.0], [4000.0, 5000.0], [7000.0, 10_000.0]],
            array_map(static fn (array $stroke): array => [$stroke['from'], $stroke['to']], $ink),
        );
    }

    /** @return array<string, mixed> */
    private static function stroke(int $at): array
    {
        $points = [[0, 100, 100], [50, 200, 100]];

        return ['kind' => 'ink', 'at' => $at, 'tool' => 'pen', 'colour' => '#B3261E', 'width' => 8, 'points' => $points];
    }
}
