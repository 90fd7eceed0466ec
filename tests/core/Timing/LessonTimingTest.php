<?php

declare(strict_types=1);

namespace Tests\Core\Timing;

use Daybright\Timing\LessonTiming;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Slides;

final class LessonTimingTest extends TestCase
{
    public function test_seconds_follow_from_the_words_and_the_pace(): void
    {
        $lesson = Slides::lesson([Slides::block('p', 'pause', ['prompt' => 'Try.', 'marks' => 2])], ['one two three four', 'five six']);
        $timing = new LessonTiming($lesson);
        // 120 words a minute: half a second a word.
        self::assertSame(3.0, $timing->spoken($lesson->slides()[0]));
        self::assertSame(240, $timing->work($lesson->slides()[0]));
        self::assertSame(5, LessonTiming::words('3 × 4 = 12 centimetres, no'));
    }
}
