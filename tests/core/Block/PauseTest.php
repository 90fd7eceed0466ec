<?php

declare(strict_types=1);

namespace Tests\Core\Block;

use Daybright\Lesson\Fields;
use Daybright\Recording\Clock;
use Daybright\Recording\Take;
use Daybright\Recording\Timeline;
use Daybright\Release\FrozenLesson;
use Daybright\Release\LessonFreezer;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Slides;

final class PauseTest extends TestCase
{
    public function test_a_break_to_move_is_told_to_the_student_and_another_pause_is_not_one(): void
    {
        $block = static fn (string $id, bool $moves): array => [
            'id' => $id, 'kind' => 'pause', 'region' => 'main', 'step' => 'step-1', 'reveals' => [],
            'content' => ['prompt' => 'Stretch your arms.', 'marks' => 1, 'seconds' => 30, 'move' => $moves],
        ];
        $lesson = Slides::lesson([$block('move', true), $block('think', false)]);
        $take = Take::recorded('take', 'slide-1', 8 * Clock::RATE, [], []);
        $frozen = (new LessonFreezer(Slides::painter()))->freeze($lesson, Timeline::build($lesson, ['slide-1' => $take]));
        self::assertSame(['move' => true, 'think' => false], array_column($frozen->pauses, 'getsUp', 'block'));
        self::assertTrue($frozen->pauses[0]->moved(48)->getsUp);
        $read = FrozenLesson::read(new Fields($frozen->toArray()));
        self::assertSame([true, false], array_column($read->pauses, 'getsUp'));
    }
}
