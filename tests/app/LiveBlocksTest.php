<?php

declare(strict_types=1);

namespace Tests\App;

use App\Lessons\LessonDocument;
use App\Models\Lesson;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;
use Tests\Core\Support\Slides;

final class LiveBlocksTest extends TestCase
{
    private Lesson $lesson;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($teacher = $this->teacher());
        $content = ['rows' => [['hour', 'shadow'], ['10', '']], 'hasHead' => true, 'hasSide' => false];
        $this->lesson = Lesson::factory()->for($teacher)->holding(LessonDocument::from(
            Slides::document([Slides::block('block-1', 'table', $content)]),
        ))->create();
    }

    public function test_a_live_block_says_what_can_be_done_with_it(): void
    {
        $handles = $this->live([])->assertOk()->json('blocks.block-1.handles');
        self::assertSame(['type', 'type', 'type', 'type'], array_column($handles, 'way'));
        self::assertSame([['hour', 'shadow'], ['10', '⟨value⟩']], $handles[3]['change']['rows']);
        self::assertSame('', $handles[3]['value']);
    }

    public function test_its_picture_follows_what_is_done_and_the_lesson_stays_as_it_is(): void
    {
        $before = (string) $this->lesson->document();
        $svg = $this->live(['block-1' => ['rows' => [['hour', 'shadow'], ['10', '48']]]])->assertOk()->json('blocks.block-1.svg');
        self::assertStringContainsString('>48</tspan>', $svg);
        self::assertStringContainsString('data-block="block-1"', $svg);
        self::assertStringNotContainsString('data-block=""', $svg);
        self::assertSame($before, (string) $this->lesson->refresh()->document());
    }

    public function test_what_may_not_be_done_is_refused_with_a_sentence(): void
    {
        foreach ([
            ['block-1' => ['rows' => [['one']]]],
            ['block-1' => ['hasHead' => false]],
            ['block-9' => ['rows' => [['hour', 'shadow'], ['10', '48']]]],
        ] as $changes) {
            $this->live($changes)->assertUnprocessable()->assertJsonPath(
                'detail',
                'This cannot be changed while it is shown. Take the last step back and go on.',
            );
        }
        $this->postJson("/api/lessons/{$this->lesson->id}/slides/none/live", ['changes' => []])->assertNotFound();
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
