<?php

declare(strict_types=1);

namespace Tests\Core\Release;

use Daybright\Deck\Format;
use Daybright\Release\SeenPicture;
use Daybright\Release\SoftViews;
use Daybright\Scene\Box;
use PHPUnit\Framework\TestCase;

final class SoftViewsTest extends TestCase
{
    public function test_a_closer_look_grows_within_three_tenths_of_a_second_and_leaves_no_gap(): void
    {
        $close = new Box(400, 225, 800, 450);
        $soft = self::between([self::picture(0, 2000), self::picture(2000, 5000, $close), self::picture(5000, 9000)]);
        self::assertCount(1 + 6 + 6, $soft);
        foreach (array_slice($soft, 1) as $number => $picture) {
            self::assertSame($soft[$number]->to, $picture->from);
        }
        $widths = array_map(static fn (SeenPicture $picture): float => $picture->view->width ?? 1600.0, $soft);
        self::assertSame($close->width, $widths[6]);
        for ($number = 1; $number <= 6; $number++) {
            self::assertLessThan($widths[$number - 1], $widths[$number]);
        }
        self::assertSame(2250.0, $soft[6]->from);
        self::assertNull($soft[12]->view);
        self::assertSame(9000.0, $soft[12]->to);
    }

    public function test_a_wheel_that_is_turned_and_another_slide_stay_as_they_are(): void
    {
        $turned = [];
        for ($number = 0; $number < 8; $number++) {
            $turned[] = self::picture($number * 80, $number * 80 + 80, new Box(0, 0, 1500 - 100 * $number, 843.75 - 56.25 * $number));
        }
        self::assertEquals($turned, self::between($turned));
        $slides = [self::picture(0, 1000, new Box(0, 0, 800, 450)), self::picture(1000, 2000, null, 'other')];
        self::assertEquals($slides, self::between($slides));
    }

    /**
     * @param  list<SeenPicture>  $seen
     * @return list<SeenPicture>
     */
    private static function between(array $seen): array
    {
        return SoftViews::between($seen, static fn (string $slide): Format => Format::Wide);
    }

    private static function picture(float $from, float $to, ?Box $view = null, string $slide = 'slide'): SeenPicture
    {
        return new SeenPicture($from, $to, $slide, 0, [], $view);
    }
}
