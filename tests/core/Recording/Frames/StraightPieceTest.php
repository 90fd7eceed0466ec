<?php

declare(strict_types=1);

namespace Tests\Core\Recording\Frames;

use Daybright\Recording\Frames\StraightPiece;
use PHPUnit\Framework\TestCase;

final class StraightPieceTest extends TestCase
{
    public function test_what_lies_within_a_distance_of_a_height_is_what_is_as_near_as_that(): void
    {
        mt_srand(11);
        $wrong = [];
        for ($round = 0; $round < 300; $round++) {
            $places = array_map(static fn (): float => mt_rand(0, 400) / 10, range(0, 3));
            // Some stand upright, some lie level, some are points.
            $piece = new StraightPiece(
                $places[0],
                $places[1],
                $round % 5 === 0 ? $places[0] : $places[2],
                $round % 7 === 0 ? $places[1] : $places[3],
            );
            $within = mt_rand(5, 90) / 10;
            for ($y = -10.0; $y < 50; $y += 3.7) {
                [$from, $to] = $piece->stretch($y, $within) ?? [INF, -INF];
                for ($x = -12.0; $x < 52; $x += 0.9) {
                    $distance = $piece->distance($x, $y);
                    if (abs($distance - $within) > 0.001 && ($distance < $within) !== ($from < $x && $x < $to)) {
                        $wrong[] = "({$x}, {$y}) within {$within}, round {$round}";
                    }
                }
            }
        }
        self::assertSame([], $wrong);
    }

    public function test_distances_are_those_of_school(): void
    {
        $piece = new StraightPiece(0, 0, 10, 0);
        self::assertEqualsWithDelta(3, $piece->distance(5, 3), 1e-9);
        self::assertEqualsWithDelta(5, $piece->distance(13, 4), 1e-9);
        self::assertSame([-2.0, 2.0], $piece->heights(2));
        self::assertEqualsWithDelta([-2.0, 12.0], $piece->stretch(0, 2), 1e-9);
        self::assertNull($piece->stretch(2.5, 2));
        self::assertNull($piece->stretch(0, -1));
    }
}
