<?php

declare(strict_types=1);

namespace Tests\App;

use App\Lessons\LessonDocument;
use App\Lessons\LessonView;
use App\Lessons\PaintedSlides;
use App\Models\Lesson;
use Daybright\Scene\FormulaSetter;
use Daybright\Scene\SetFormula;
use RuntimeException;

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

    public function test_a_slide_that_was_saved_is_painted_once_for_the_picture_and_the_check(): void
    {
        $formulas = new class implements FormulaSetter
        {
            public int $set = 0;

            public function set(string $tex): SetFormula
            {
                $this->set++;

                return new SetFormula('<path d="M0 0h500"/>', 1.2, 0.7, 0.2);
            }
        };
        $this->app->instance(FormulaSetter::class, $formulas);
        $document = self::document();
        $document['parts'][0]['slides'][0]['blocks'][0]['content']['prompt'] = 'How long is `x^2`?';
        $lesson = $this->lesson($teacher = $this->teacher(), $document);
        $this->actingAs($teacher);
        // How its blocks are composed is known from the first picture on: a new title is painted and no more.
        $this->getJson("/api/lessons/{$lesson->id}")->assertOk();
        $formulas->set = 0;
        $document['parts'][0]['slides'][0]['title'] = 'Another';
        $this->putJson("/api/lessons/{$lesson->id}", ['version' => 1, 'document' => $document])->assertOk();
        $saved = $formulas->set;

        $document['parts'][0]['slides'][0]['title'] = 'A third';
        $painted = LessonDocument::from($document)->read();
        $formulas->set = 0;
        app(LessonView::class)->painted($painted, $painted->mainSlides()[0]);
        $this->assertGreaterThan(0, $saved);
        $this->assertSame($formulas->set, $saved);
    }

    public function test_a_slide_that_cannot_be_drawn_does_not_have_the_others_painted_again(): void
    {
        $document = self::document();
        $document['parts'][1]['slides'][0]['blocks'][0]['content']['prompt'] = 'Why is it `x`?';
        $lesson = $this->lesson($teacher = $this->teacher(), $document);
        $this->app->instance(FormulaSetter::class, new class implements FormulaSetter
        {
            public function set(string $tex): SetFormula
            {
                throw new RuntimeException('gone');
            }
        });
        $this->actingAs($teacher);
        $document['parts'][0]['slides'][0]['title'] = 'Drawn';
        $change = ['version' => 1, 'document' => $document];
        $this->putJson("/api/lessons/{$lesson->id}", $change)->assertOk()->assertJsonCount(1, 'scenes');
        $this->assertSame(1, PaintedSlides::table()->where('view', 'like', '%Drawn%')->count());
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
