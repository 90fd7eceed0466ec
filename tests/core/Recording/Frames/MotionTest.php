<?php

declare(strict_types=1);

namespace Tests\Core\Recording\Frames;

use Daybright\Recording\Frames\Motion;
use PHPUnit\Framework\TestCase;

final class MotionTest extends TestCase
{
    public function test_a_change_by_itself_is_shown_at_once(): void
    {
        self::assertSame([], Motion::pictures([]));
        self::assertSame([120.0, 900.0], Motion::pictures([120.0, 900.0]));
    }

    public function test_what_follows_quickly_is_shown_together_and_never_more_than_55_milliseconds_late(): void
    {
        mt_srand(5);
        for ($round = 0; $round < 200; $round++) {
            $changes = [];
            for ($at = 0.0, $count = mt_rand(1, 60); $count > 0; $count--) {
                $changes[] = $at += mt_rand(1, 900) / 10;
            }
            $pictures = Motion::pictures($changes);
            foreach ($pictures as $number => $picture) {
                self::assertGreaterThan(54.999, $picture - ($pictures[$number - 1] ?? -INF));
            }
            foreach ($changes as $change) {
                $shown = min(array_filter($pictures, static fn (float $picture): bool => $picture >= $change));
                self::assertLessThan(55.001, $shown - $change);
            }
        }
    }
}
