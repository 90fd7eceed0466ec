<?php

declare(strict_types=1);

namespace Tests\Core\Scene;

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
        self::assertEquals(new Box(10, 20, 60, 80), (new Box(5, 10, 30, 40))->scaled(2));
        self::assertEquals(new Box(-5, 0, 105, 130), Box::around([$box, new Box(-5, 90, 10, 40)]));
        self::assertEquals(new Box(0, 0, 0, 0), Box::around([]));
        self::assertSame([50.0, 50.0], [$box->middleX(), $box->middleY()]);
    }
}
