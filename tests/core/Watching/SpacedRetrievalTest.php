<?php

declare(strict_types=1);

namespace Tests\Core\Watching;

use Daybright\Watching\AimReached;
use Daybright\Watching\SpacedRetrieval;
use PHPUnit\Framework\TestCase;

final class SpacedRetrievalTest extends TestCase
{
    public function test_lessons_are_asked_about_after_one_three_and_seven(): void
    {
        self::assertSame([9, 7, 3], SpacedRetrieval::from(range(1, 9)));
        self::assertSame([2], SpacedRetrieval::from([1, 2]));
        self::assertSame([], SpacedRetrieval::from([]));
    }

    public function test_an_aim_is_reached_by_its_share_of_the_marks(): void
    {
        self::assertSame(AimReached::Can, AimReached::byMarks(4, 5));
        self::assertSame(AimReached::Nearly, AimReached::byMarks(1, 2));
        self::assertSame(AimReached::NotYet, AimReached::byMarks(2, 5));
        self::assertNull(AimReached::byMarks(0, 0));
    }
}
