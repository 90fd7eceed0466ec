<?php

declare(strict_types=1);

namespace Tests\App;

use App\Lessons\LessonDocument;
use App\Models\Lesson;
use App\Models\User;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\Core\Support\Slides;

final class LiveBlocksTest extends TestCase
{
    private Lesson $lesson;

    private User $teacher;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->teacher = $this->teacher());
        $content = ['rows' => [['hour', 'shadow'], ['10', '']], 'hasHead' => true, 'hasSide' => false];
        $this->lesson = Lesson::factory()->for($this->teacher)->holding(LessonDocument::from(
            Slides::document([Slides::block('block-1', 'table', $content)]),
        ))->create();
    }

    public function test_a_live_block_says_what_can_be_done_with_it(): void
    {
        $handles = $this->live([])->assertOk()->json('blocks.block-1.handles');
        self::assertSame(['sweep', 'type', 'type', 'type', 'type'], array_column($handles, 'way'));
        self::assertSame(['1/1' => '⟨value⟩'], $handles[4]['change']['typed']);
        self::assertSame('', $handles[4]['value']);
        self::assertSame(['hour', 'shadow', '10'], array_column($handles[0]['targets'], 'label'));
    }

    public function test_its_picture_follows_what_is_done_and_the_lesson_stays_as_it_is(): void
    {
        $before = (string) $this->lesson->document();
        $svg = $this->live(['block-1' => ['typed' => ['1/1' => '48']]])->assertOk()->json('blocks.block-1.svg');
        self::assertStringContainsString('>48</tspan>', $svg);
        self::assertStringContainsString('data-block="block-1"', $svg);
        self::assertStringNotContainsString('data-block=""', $svg);
        self::assertSame($before, (string) $this->lesson->refresh()->document());
    }

    public function test_what_may_not_be_done_is_refused_with_a_sentence(): void
    {
        foreach ([
            ['block-1' => ['typed' => ['4/1' => 'beyond it']]],
            ['block-1' => ['annotations' => ['words' => ['hour' => 'blink']]]],
            ['block-1' => ['annotations' => ['labels' => ['far' => ['text' => 'away', 'x' => 900, 'y' => 0]]]]],
            ['block-1' => ['hasHead' => false]],
            ['block-9' => ['typed' => ['1/1' => '48']]],
        ] as $changes) {
            $this->live($changes)->assertUnprocessable()->assertJsonPath(
                'detail',
                'This cannot be changed while it is shown. Take the last step back and go on.',
            );
        }
        $this->postJson("/api/lessons/{$this->lesson->id}/slides/none/live", ['changes' => []])->assertNotFound();
    }

    public function test_whatever_a_block_is_it_can_be_written_on(): void
    {
        $svg = $this->live(['block-1' => ['annotations' => [
            'words' => ['shadow' => 'ring'],
            'labels' => ['one' => ['text' => 'measured at noon', 'x' => 1.1, 'y' => 0.5]],
        ]]])->assertOk()->json('blocks.block-1.svg');
        self::assertStringContainsString('<ellipse', $svg);
        self::assertStringContainsString('>noon</tspan>', $svg);
    }

    public function test_a_sum_that_is_written_wrongly_is_told_at_once(): void
    {
        $content = ['task' => '', 'room' => 2, 'lines' => [['id' => 'line-1', 'formula' => '3 × 4 = 12', 'reason' => '']]];
        $this->lesson = Lesson::factory()->for($this->teacher)->holding(LessonDocument::from(
            Slides::document([Slides::block('block-1', 'worked', $content)]),
        ))->create();
        $written = fn (string $line): array => $this->live(['block-1' => ['written' => ['1' => $line]]])
            ->assertOk()
            ->json('blocks.block-1.slips');
        self::assertSame([], $written('12 + 5 = 17'));
        self::assertStringContainsString('17', $written('12 + 5 = 18')[0]);
        $this->live(['block-1' => ['written' => ['3' => '1 = 1']]])->assertUnprocessable();
    }

    /**
     * @param  array<string, mixed>  $changes
     * @return TestResponse<Response>
     */
    private function live(array $changes): TestResponse
    {
        return $this->postJson("/api/lessons/{$this->lesson->id}/slides/slide-1/live", ['changes' => (object) $changes]);
    }
}
