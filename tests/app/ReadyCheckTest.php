<?php

declare(strict_types=1);

namespace Tests\App;

use App\Lessons\PaintedSlides;
use App\Models\Lesson;

class ReadyCheckTest extends TestCase
{
    public function test_a_save_leaves_the_check_done(): void
    {
        $lesson = $this->lessonSaidWrongly();
        $this->putJson("/api/lessons/{$lesson->id}", ['version' => 1, 'document' => $lesson->document()])->assertOk();
        $this->assertStringContainsString('14 × 30', (string) self::kept($lesson));
        self::keep($lesson, '[]');
        $this->assertSame([], $this->findings($lesson));
    }

    public function test_what_was_undone_is_checked_as_it_is_then(): void
    {
        $lesson = $this->lesson($teacher = $this->teacher());
        $this->actingAs($teacher);
        $this->putJson("/api/lessons/{$lesson->id}", ['version' => 1, 'document' => self::saidWrongly()])->assertOk();
        $this->assertContains('false-equality', array_column($this->findings($lesson), 'rule'));
        $this->postJson("/api/lessons/{$lesson->id}/undo", ['version' => 2])->assertOk();
        $this->assertStringNotContainsString('false-equality', (string) self::kept($lesson));
        $this->assertNotContains('false-equality', array_column($this->findings($lesson), 'rule'));
    }

    public function test_a_lesson_is_checked_anew_when_a_take_or_the_program_is_another(): void
    {
        $lesson = $this->lessonSaidWrongly();
        $found = $this->findings($lesson);
        self::keep($lesson, '[]');
        $this->assertSame([], $this->findings($lesson));

        $take = $this->take($lesson, 'measure');
        $take->update(['events' => [['kind' => 'step', 'at' => 0, 'step' => 'gone']]]);
        $this->assertContains('take-shows-missing-step', array_column($this->findings($lesson), 'rule'));

        $take->update(['events' => [['kind' => 'step', 'at' => 0, 'step' => 'measure-1']]]);
        $this->assertNotContains('take-shows-missing-step', array_column($this->findings($lesson), 'rule'));

        $take->delete();
        $this->assertSame($found, $this->findings($lesson));

        self::keep($lesson, '[]');
        config(['daybright.edition' => 'another']);
        $this->assertSame($found, $this->findings($lesson));
    }

    public function test_an_answer_says_how_long_it_is_so_that_nobody_waits_for_what_is_done_afterwards(): void
    {
        $lesson = $this->lessonSaidWrongly();
        $answer = $this->putJson("/api/lessons/{$lesson->id}", ['version' => 1, 'document' => $lesson->document()]);
        $this->assertSame((string) strlen((string) $answer->getContent()), $answer->headers->get('Content-Length'));
    }

    private function lessonSaidWrongly(): Lesson
    {
        $lesson = $this->lesson($teacher = $this->teacher(), self::saidWrongly());
        $this->actingAs($teacher);

        return $lesson;
    }

    /** @return array<string, mixed> */
    private static function saidWrongly(): array
    {
        $document = self::document();
        $document['parts'][0]['slides'][0]['steps'][0]['script'] = 'So 14 × 30 = 450.';

        return $document;
    }

    /** @return list<array<string, mixed>> */
    private function findings(Lesson $lesson): array
    {
        return $this->getJson("/api/lessons/{$lesson->id}/ready")->assertOk()->json('findings');
    }

    private static function kept(Lesson $lesson): mixed
    {
        return PaintedSlides::table()->where('hash', "findings {$lesson->id}")->value('report');
    }

    private static function keep(Lesson $lesson, string $findings): void
    {
        PaintedSlides::table()->where('hash', "findings {$lesson->id}")->update(['report' => $findings]);
    }
}
