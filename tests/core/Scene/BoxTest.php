<?php

declare(strict_types=1);

namespace Tests\Core\Scene;

use Daybright\Deck\Arrangement;
use Daybright\Scene\Box;
use PHPUnit\Framework\TestCase;

final class BoxTest extends TestCase
{
    public function test_a_picture_fits_into_a_box_whole_and_in_its_middle(): void
    {
        $wide = (new Box(100, 50, 400, 400))->fitted(200, 100);
        self::assertEquals(new Box(100, 150, 400, 200), $wide);
        $high = (new Box(0, 0, 400, 400))->fitted(100, 200);
        self::assertEquals(new Box(100, 0, 200, 400), $high);
        self::assertTrue((new Box(0, 0, 400, 400))->holds($high));
    }

    public function test_boxes_that_only_touch_do_not_overlap(): void
    {
        $box = new Box(0, 0, 100, 100);
        self::assertFalse($box->overlaps(new Box(100, 0, 50, 50)));
        self::assertTrue($box->overlaps(new Box(99, 99, 50, 50)));
        self::assertFalse($box->overlaps(new Box(95, 0, 50, 50), 6));
        self::assertTrue($box->holds($box));
        self::assertFalse($box->holds(new Box(10, 10, 95, 20)));
        self::assertEquals(new Box(10, 10, 80, 80), $box->inset(10));
        self::assertSame(0.0, (float) $box->inset(80)->width);
        self::assertEquals(new Box(5, 7, 100, 100), $box->moved(5, 7));
        self::assertSame([50.0, 50.0], [$box->middleX(), $box->middleY()]);
    }

    public function test_the_regions_of_every_arrangement_fill_the_room_without_meeting(): void
    {
        $room = new Box(90, 140, 1430, 700);
        foreach (Arrangement::cases() as $arrangement) {
            $regions = $arrangement->regions($room);
            self::assertSame($arrangement->names(), array_keys($regions), $arrangement->value);
            $boxes = array_values($regions);
            foreach ($boxes as $index => $box) {
                self::assertTrue($room->holds($box), $arrangement->value);
                self::assertGreaterThan(300, $box->width);
                self::assertGreaterThan(300, $box->height);
                foreach (array_slice($boxes, $index + 1) as $other) {
                    self::assertFalse($box->overlaps($other), $arrangement->value);
                }
            }
        }
    }
}
