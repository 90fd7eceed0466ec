<?php

declare(strict_types=1);

namespace Tests\Core\Format;

use Daybright\Format\Transcript;
use Daybright\Recording\Take;
use Daybright\Recording\Timeline;
use Daybright\Release\LessonFreezer;
use PHPUnit\Framework\TestCase;
use Tests\Core\Support\Slides;

final class TranscriptTest extends TestCase
{
    public function test_it_tells_what_is_said_done_and_asked_at_the_times_of_the_video(): void
    {
        $question = Slides::block(
            'q',
            'question',
            ['type' => 'number', 'prompt' => 'How *high*?', 'marks' => 1, 'value' => '4.5', 'unit' => 'm', 'seconds' => 60],
            'step-1',
            ['answer' => 'step-2'],
        );
        $lesson = Slides::lesson([$question], ['Look at the pole.', 'It is four and a half.']);
        $stroke = static fn (int $at): array => [
            'kind' => 'ink',
            'at' => $at,
            'tool' => 'pen',
            'colour' => '#B3261E',
            'width' => 8,
            'points' => [[0, 1, 1]],
        ];
        $events = [$stroke(2000), $stroke(2500), ['kind' => 'step', 'at' => 5000, 'step' => 'step-2']];
        $frozen = (new LessonFreezer(Slides::painter()))->freeze(
            $lesson,
            Timeline::build($lesson, ['slide-1' => Take::recorded('take', 'slide-1', 480_000, $events, [])]),
        );
        self::assertSame(<<<'TEXT'
            A lesson

            A slide
            0:00  Look at the pole.
            0:02  [draws on the slide]
            0:05  Stop and try (60 seconds): How high?
            1:05  It is four and a half.

            TEXT, Transcript::write($frozen, $lesson));
    }
}
