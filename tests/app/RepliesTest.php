<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Answer;
use App\Models\Classroom;
use App\Models\Lesson;
use App\Models\Moment;
use App\Models\Series;
use App\Models\User;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;

/** What students do comes to their teacher, is marked and sent back, and plans the next lesson. */
class RepliesTest extends TestCase
{
    private User $rowan;

    private Lesson $made;

    private Classroom $heron;

    private string $share;

    protected function setUp(): void
    {
        parent::setUp();
        $this->made = $this->lesson($this->rowan = $this->teacher());
        $this->heron = $this->classroom($this->rowan, 'Ada', 'Bram', 'Chidi');
        $this->give();
    }

    /** The lesson as it is now, recorded and given to the class. */
    private function give(): void
    {
        foreach ($this->made->refresh()->read()->mainSlides() as $slide) {
            $this->take($this->made, $slide->id, 2);
        }
        $this->actingAs($this->rowan);
        $this->postJson("/api/lessons/{$this->made->id}/releases")->assertCreated();
        $this->share = $this->putJson("/api/lessons/{$this->made->id}/shares", ['classroom' => $this->heron->id])->assertOk()->json('id');
        $this->app['auth']->guard()->logout();
    }

    private function enter(string $name): void
    {
        $this->app['auth']->guard()->logout();
        $student = $this->heron->students()->where('name', $name)->firstOrFail()->id;
        $this->postJson('/api/watch/enter', ['code' => 'ABCD2345', 'student' => $student, 'word' => 'sun'])->assertOk();
    }

    /**
     * @param  array<string, mixed>  $how
     * @return TestResponse<Response>
     */
    private function answer(string $slide, string $given, array $how = []): TestResponse
    {
        return $this->putJson("/api/watch/{$this->share}/answers/{$slide}-question", ['given' => $given] + $how);
    }

    /** @return TestResponse<Response> */
    private function replies(): TestResponse
    {
        return $this->actingAs($this->rowan)->getJson("/api/lessons/{$this->made->id}/replies")->assertOk();
    }

    /**
     * @param  list<string>  $answers ids
     * @param  array<string, mixed>  $marks
     * @return TestResponse<Response>
     */
    private function mark(array $answers, array $marks): TestResponse
    {
        return $this->putJson("/api/lessons/{$this->made->id}/marks", ['answers' => $answers] + $marks);
    }

    public function test_each_question_tells_who_was_right_when_and_what_went_wrong(): void
    {
        $given = [
            'Ada' => ['41 cm', 'High Sun', ['seconds' => 20]],
            'Bram' => ['48 cm', 'Clouds', ['hinted' => true, 'seconds' => 60]],
            'Chidi' => ['48 CM', null, ['seconds' => 40]],
        ];
        foreach ($given as $name => [$length, $why, $how]) {
            $this->enter($name);
            $this->answer('measure', $length, $how)->assertOk();
            if ($why !== null) {
                $this->answer('why', $why)->assertOk();
            }
        }
        [$measure, $why] = $this->replies()->json('classes.0.questions');
        $this->assertSame([1, 0, 2, 40], [$measure['rightAtOnce'], $measure['rightAfterHint'], $measure['wrong'], $measure['seconds']]);
        $this->assertEqualsWithDelta(1 / 3, $measure['facility'], 0.001);
        $this->assertSame(
            [['answer' => "48\u{A0}cm", 'count' => 2, 'slip' => 'That was the shadow at ten', 'students' => ['Bram', 'Chidi']]],
            $measure['wrongAnswers'],
        );
        $groups = $this->replies()->json('classes.0.groups');
        $this->assertSame(['That was the shadow at ten', ['Bram', 'Chidi']], [$groups[0]['slip'], $groups[0]['students']]);
        $this->assertSame([], $groups[0]['items']);
        $this->assertSame([null, 'That was the shadow at ten', 'That was the shadow at ten'], array_column($measure['answers'], 'slip'));
        $this->assertNull($measure['discrimination']);
        $this->assertSame([2, []], [$why['toMark'], $why['wrongAnswers']]);
    }

    public function test_answers_to_what_a_new_version_no_longer_asks_are_seen_still(): void
    {
        $this->enter('Ada');
        $this->answer('measure', '41 cm')->assertOk();
        $document = $this->made->document()->jsonSerialize();
        $prompt = $document->parts[0]->slides[0]->blocks[0]->content->prompt;
        $document->parts[0]->slides[0]->blocks = [];
        $this->actingAs($this->rowan)->putJson("/api/lessons/{$this->made->id}", ['version' => 1, 'document' => $document])->assertOk();
        $this->give();

        [$why, $measure] = $this->replies()->json('classes.0.questions');
        $this->assertSame([true, false], [$why['isAsked'], $measure['isAsked']]);
        $this->assertSame([$prompt, 'Ada', 1], [$measure['prompt'], $measure['answers'][0]['student'], $measure['rightAtOnce']]);
        $table = $this->get("/api/lessons/{$this->made->id}/replies/{$this->share}.csv")->assertOk()->getContent();
        $this->assertStringContainsString($prompt, (string) $table);
    }

    public function test_a_question_is_held_against_the_rest_of_the_test(): void
    {
        $names = array_map(static fn (int $number): string => "Pupil {$number}", range(1, 10));
        $this->heron->students()->createMany(array_map(static fn (string $name): array => ['name' => $name], $names));
        foreach ($names as $number => $name) {
            $this->enter($name);
            $this->answer('measure', $number < 5 ? '41 cm' : '48 cm');
            $this->answer('why', "Thought {$number}");
        }
        $answers = $this->replies()->json('classes.0.questions.1.answers');
        foreach ($answers as $answer) {
            $this->mark([$answer['id']], ['earned' => (int) substr($answer['student'], 6) <= 5 ? 2 : 0])->assertOk();
        }
        $this->replies()
            ->assertJsonPath('classes.0.questions.0.discrimination.coefficient', 1)
            ->assertJsonPath('classes.0.questions.0.discrimination.sentence', 'This question tells strong from weak.');
    }

    public function test_answers_are_marked_together_given_words_and_sent_back(): void
    {
        $words = 'The Sun was higher at noon so that the shadow was a short one';
        foreach (['Ada' => $words, 'Bram' => "{$words}!", 'Chidi' => '…'] as $name => $why) {
            $this->enter($name);
            $this->answer('why', $why)->assertOk();
            $this->postJson("/api/watch/{$this->share}/exit-check")->assertOk();
        }
        $why = $this->replies()->json('classes.0.questions.1');
        $this->assertSame(['same', 'blank'], array_column($why['together'], 'likeness'));
        [$ada, $bram, $chidi] = array_column($why['answers'], 'id');
        $this->assertSame([$ada, $bram], $why['together'][0]['answers']);

        $this->mark([$ada], ['earned' => 3])->assertStatus(422)->assertJsonPath('detail', 'This question has 2 marks at the most.');
        $this->mark([$ada, $bram], ['earned' => 1, 'remark' => 'What did the height change?'])->assertOk()->assertJsonPath('marked', 2);
        $this->mark([$chidi], ['earned' => 0, 'remark' => 'Try it in your own words.', 'again' => true])->assertOk();
        $this->replies()->assertJsonPath('classes.0.questions.1.toMark', 0)->assertJsonPath('classes.0.questions.1.answers.0.earned', 1);
        $this->mark([$ada], ['earned' => null])->assertOk();
        $this->replies()->assertJsonPath('classes.0.questions.1.toMark', 1);
        $this->actingAs($this->teacher('Sol'));
        $this->mark([$ada], ['earned' => 0])->assertNotFound();

        $this->enter('Bram');
        $this->getJson("/api/watch/{$this->share}")->assertJsonPath('visit.answers.why-question.remark', 'What did the height change?');
        $this->answer('why', 'Once more')->assertStatus(422);
        $this->enter('Chidi');
        $this->getJson("/api/watch/{$this->share}")->assertJsonPath('visit.answers.why-question.again', true);
        $this->answer('why', 'The Sun climbed.')->assertOk()->assertJsonPath('again', false);
        $this->answer('why', 'And once more.')->assertStatus(422);
        $told = $this->replies()->json('classes.0.questions.1.answers.2');
        $this->assertSame(['The Sun climbed.', null], [$told['given'], $told['earned']]);
        $this->assertSame(['Try it in your own words.'], array_column($told['earlier'], 'remark'));
    }

    public function test_marks_are_earned_by_points(): void
    {
        $document = self::document();
        $document['parts'][1]['slides'][0]['blocks'][0]['content']['markPoints'] = [
            ['id' => 'high', 'text' => 'the Sun is higher'],
            ['id' => 'steep', 'text' => 'light falls more steeply'],
        ];
        $this->made = $this->lesson($this->rowan, $document);
        $this->give();
        $this->enter('Ada');
        $this->answer('why', 'The Sun is higher.');
        $why = $this->replies()->json('classes.0.questions.1');
        $this->assertSame(['high', 'steep'], array_column($why['markPoints'], 'id'));
        $this->mark([$why['answers'][0]['id']], ['earned' => 1, 'points' => ['high']])->assertOk();
        $this->replies()->assertJsonPath('classes.0.questions.1.answers.0.points', ['high']);
    }

    public function test_moments_are_kept_once_and_come_to_the_teacher_who_replies(): void
    {
        $this->enter('Ada');
        $moment = fn (string $id, array $told): TestResponse => $this->putJson("/api/watch/{$this->share}/moments/{$id}", $told);
        [$asked, $note, $lost, $back] = array_map(static fn (): string => Str::lower(Str::random(22)), range(1, 4));
        $moment($asked, ['kind' => 'question', 'at' => 1500, 'text' => ' Why at noon? '])->assertOk()->assertJsonPath('slide', 'measure');
        $moment($asked, ['kind' => 'question', 'at' => 1500, 'text' => 'Sent twice'])->assertOk()->assertJsonPath('text', 'Why at noon?');
        $moment($note, ['kind' => 'note', 'at' => 2500, 'text' => 'Bring a stick'])->assertOk()->assertJsonPath('slide', 'why');
        $moment($lost, ['kind' => 'lost', 'at' => 2500])->assertOk();
        $moment($back, ['kind' => 'back', 'at' => 200])->assertOk();
        $moment(Str::lower(Str::random(22)), ['kind' => 'question', 'at' => 1, 'text' => '  '])
            ->assertStatus(422)->assertJsonPath('detail', 'Write something first.');
        $this->assertSame(4, Moment::query()->count());
        $this->enter('Bram');
        $moment($asked, ['kind' => 'note', 'at' => 1, 'text' => 'Not mine'])->assertNotFound();
        $this->deleteJson("/api/watch/{$this->share}/moments/{$note}")->assertNoContent();
        $this->assertSame(4, Moment::query()->count());

        $told = $this->replies()->json('classes.0');
        $this->assertSame(['Ada'], $told['moments'][0]['wentBack']);
        $question = $told['moments'][0]['questions'][0];
        $this->assertSame(['Ada', 'Why at noon?'], [$question['student'], $question['text']]);
        $this->assertSame(['Ada'], $told['moments'][1]['lost']);
        $this->assertSame(['Bring a stick'], array_column($told['students'][0]['notes'], 'text'));
        $this->putJson("/api/lessons/{$this->made->id}/moments/{$asked}", ['reply' => 'Look at the Sun’s path.'])->assertOk();
        $this->actingAs($this->teacher('Sol'));
        $this->putJson("/api/lessons/{$this->made->id}/moments/{$asked}", ['reply' => 'x'])->assertNotFound();

        $this->enter('Ada');
        $this->assertSame(
            ['Look at the Sun’s path.', null, null],
            array_column($this->getJson("/api/watch/{$this->share}")->json('visit.moments'), 'reply'),
        );
        $this->deleteJson("/api/watch/{$this->share}/moments/{$note}")->assertNoContent();
        $this->deleteJson("/api/watch/{$this->share}/moments/{$asked}")->assertNoContent();
        $this->assertSame(3, Moment::query()->count());
    }

    public function test_a_letter_to_oneself_is_read_again_before_the_next_lesson_of_the_series(): void
    {
        $series = Series::factory()->for($this->rowan)->create();
        $this->made->update(['series_id' => $series->id, 'place' => 1]);
        $first = $this->share;
        $this->enter('Ada');
        $letter = ['kind' => 'letter', 'at' => 2900, 'text' => 'Measure from the foot.'];
        $this->putJson("/api/watch/{$first}/moments/".Str::lower(Str::random(22)), $letter)->assertOk();
        $this->getJson("/api/watch/{$first}")->assertJsonPath('letter', null);
        $this->made = $this->lesson($this->rowan);
        $this->made->update(['series_id' => $series->id, 'place' => 2]);
        $this->give();
        $this->enter('Ada');
        $this->getJson("/api/watch/{$this->share}")->assertJsonPath('letter', 'Measure from the foot.');
        $this->enter('Bram');
        $this->getJson("/api/watch/{$this->share}")->assertJsonPath('letter', null);
    }

    public function test_what_students_say_of_an_aim_stands_beside_what_their_marks_say(): void
    {
        $this->enter('Ada');
        $this->answer('measure', '48 cm');
        $this->putJson("/api/watch/{$this->share}/aims", ['aims' => ['aim-1' => 'can', 'aim-9' => 'can']])
            ->assertOk()->assertExactJson(['aims' => ['aim-1' => 'can']]);
        $this->putJson("/api/watch/{$this->share}/aims", ['aims' => ['aim-1' => 'perhaps']])->assertStatus(422);
        $this->replies()->assertJsonPath('classes.0.aims.0.students', [['name' => 'Ada', 'reached' => 'not-yet', 'says' => 'can']]);
    }

    public function test_the_weakest_aim_becomes_the_opening_of_the_next_lesson_once(): void
    {
        $series = Series::factory()->for($this->rowan)->create();
        $this->made->update(['series_id' => $series->id, 'place' => 1]);
        $ask = fn (): TestResponse => $this->actingAs($this->rowan)
            ->postJson("/api/lessons/{$this->made->id}/shares/{$this->share}/next-opening");
        $ask()->assertStatus(422)->assertJsonPath(
            'detail',
            'There is no lesson after this one in its series. Add the next lesson on Home, then come back.',
        );
        $next = $this->lesson($this->rowan);
        $next->update(['series_id' => $series->id, 'place' => 2]);
        $this->assertStringContainsString('Mark the answers first', $ask()->assertStatus(422)->json('detail'));
        $this->enter('Ada');
        $this->answer('measure', '48 cm')->assertOk();

        $ask()->assertCreated()->assertExactJson(['lesson' => $next->id, 'title' => 'Shadows', 'asked' => ['measure a shadow']]);
        $opening = $next->refresh()->read()->parts[0];
        $this->assertSame('opening', $opening->kind->value);
        $this->assertSame('How long?', $opening->slides[0]->blocks[0]->content->text('prompt'));
        $this->assertCount(2, $opening->slides[0]->steps);
        $ask()->assertCreated()->assertJsonPath('asked', []);
        $this->assertSame(2, $next->refresh()->revision);
    }

    public function test_a_figure_of_the_aim_is_asked_with_other_numbers_at_a_level_that_the_class_can_do(): void
    {
        $series = Series::factory()->for($this->rowan)->create();
        $document = self::document();
        $edges = ['mode' => 'edges', 'length' => '6', 'width' => '4', 'height' => '3', 'unit' => 'cm'];
        $document['parts'][0]['slides'][0]['blocks'][] = [
            'id' => 'box', 'kind' => 'figure', 'region' => 'main', 'step' => 'measure-1', 'reveals' => (object) [],
            'content' => ['figure' => 'solid', 'quantities' => $edges],
        ];
        $this->made = $this->lesson($this->rowan, $document);
        $this->made->update(['series_id' => $series->id, 'place' => 1]);
        $next = $this->lesson($this->rowan);
        $next->update(['series_id' => $series->id, 'place' => 2]);
        $this->give();
        $this->enter('Ada');
        $this->answer('measure', '48 cm')->assertOk();
        $this->actingAs($this->rowan)->postJson("/api/lessons/{$this->made->id}/shares/{$this->share}/next-opening")->assertCreated();
        $slide = $next->refresh()->read()->parts[0]->slides[0];
        // Who made the slip practises with other boxes, the same ones at every look.
        $group = $this->replies()->json('classes.0.groups.0');
        $this->assertCount(5, $group['items']);
        $this->assertCount(5, array_unique(array_column($group['items'], 'text')));
        $this->assertMatchesRegularExpression('/^[\d.,\s]+\S+$/u', $group['items'][0]['answer']);
        $this->assertSame($group, $this->replies()->json('classes.0.groups.0'));
        $this->assertSame(['question', 'figure'], array_column($slide->blocks, 'kind'));
        $this->assertSame('number', $slide->blocks[0]->content->text('type'));
        $this->assertSame('solid', $slide->blocks[1]->content->text('figure'));
        $this->assertNotSame($slide->blocks[0]->step, $slide->blocks[1]->step);
    }

    public function test_replies_are_taken_away_as_a_table_in_which_nothing_runs(): void
    {
        config(['daybright.zone' => 'Europe/Berlin']);
        $this->travelTo('2026-07-01 10:00:00');
        $this->enter('Ada');
        $this->answer('measure', '48 cm');
        $this->answer('why', '=HYPERLINK("http://example.invalid","x")')->assertOk();
        $this->actingAs($this->rowan);
        $csv = $this->get("/api/lessons/{$this->made->id}/replies/{$this->share}.csv")->assertOk()->getContent();
        $this->assertStringStartsWith("\u{FEFF}Student,", (string) $csv);
        $rows = array_map(static fn (string $line): array => str_getcsv($line, ',', '"', ''), array_filter(explode("\r\n", (string) $csv)));
        $this->assertSame(['Ada', 'answer', 'How long?', "48\u{A0}cm", '0', '2'], array_slice($rows[2], 0, 6));
        $this->assertStringStartsWith("'=HYPERLINK", $rows[3][3]);
        $this->assertSame('2026-07-01 12:00', $rows[2][9]);
        $this->assertSame(['Bram', 'not opened'], array_slice($rows[4], 0, 2));
        $this->actingAs($this->teacher('Sol'))->get("/api/lessons/{$this->made->id}/replies/{$this->share}.csv")->assertNotFound();
    }

    public function test_the_teacher_sees_each_student_over_the_whole_series(): void
    {
        $series = Series::factory()->for($this->rowan)->create(['title' => 'Sun']);
        $first = $this->made;
        $first->update(['series_id' => $series->id, 'place' => 1]);
        $this->enter('Ada');
        $this->answer('measure', '41 cm');
        $this->made = $this->lesson($this->rowan);
        $this->made->update(['series_id' => $series->id, 'place' => 2]);
        $this->give();
        $students = $this->replies()->json('classes.0.students');
        $this->assertSame(
            [['title' => 'Shadows', 'opened' => true, 'handedIn' => false, 'earned' => 2, 'outOf' => 2]],
            $students[0]['series'],
        );
        $this->assertSame([false], array_column($students[1]['series'], 'opened'));
        $this->assertSame(1, Answer::query()->count());
    }
}
