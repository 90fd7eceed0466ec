<?php

declare(strict_types=1);

namespace Tests\Core\Watching;

use Daybright\Watching\ItemStatistics;
use PHPUnit\Framework\TestCase;

final class ItemStatisticsTest extends TestCase
{
    public function test_the_commonest_wrong_answer_needs_two_students(): void
    {
        self::assertSame(['answer' => '48 cm', 'count' => 2], ItemStatistics::commonestWrong(['48 cm', '27 cm', '48 CM']));
        self::assertNull(ItemStatistics::commonestWrong(['48 cm', '27 cm']));
        self::assertNull(ItemStatistics::facility([]));
    }
}
