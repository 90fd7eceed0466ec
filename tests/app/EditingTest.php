<?php

declare(strict_types=1);

namespace Tests\App;

use App\Jobs\AlignTake;
use App\Models\Lesson;
use App\Models\Take;
use App\Recording\SoughtWords;
use Daybright\Lesson\Lesson as Document;
use Daybright\Lesson\Slide;
use Daybright\Recording\Alignment\Script;
use Daybright\Recording\SlideScript;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;

/** Takes edited as one text, across slides, and what may be left out of a lesson. */
final class EditingTest extends TestCase
{
    private Lesson $made;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($teacher = $this->teacher());
        $this->made = $this->lesson($teacher);
    }

    public function test_cuts_are_kept_checked_and_can_be_put_back(): void
    {
        $take = $this->take($this->made, 'measure', 2);
        $this->edit([$take->id => ['cuts' => [['from' => 24000, 'to' => 48000]]]])->assertOk();
        $this->getJson("/api/lessons/{$this->made->id}/programme")->assertJsonPath('length', 1500);
        $this->edit([$take->id => ['cuts' => [['from' => 0, 'to' => 96000]]]])->assertStatus(422);
        $this->edit([$take->id => ['cuts' => [['from' => 10, 'to' => 5]]]])->assertStatus(422);
        $this->edit([$take->id => ['cuts' => []]])->assertOk();
        $this->getJson("/api/lessons/{$this->made->id}/programme")->assertJsonPath('length', 2000);
    }

    public function test_what_is_asked_of_several_takes_is_done_for_all_or_none(): void
    {
        $one = $this->take($this->made, 'measure', 2);
        $other = $this->take($this->made, 'welcome', 2);
        $cut = [['from' => 0, 'to' => 48000]];
        $this->edit([$one->id => ['cuts' => $cut], $other->id => ['cuts' => [['from' => 0, 'to' => 96000]]]])->assertStatus(422);
        $this->assertSame([], $one->refresh()->cuts);
        $this->edit([$one->id => ['cuts' => $cut], $other->id => ['cuts' => $cut]])->assertOk()->assertJsonCount(2);
        $this->assertSame([$cut, $cut], [$one->refresh()->cuts, $other->refresh()->cuts]);
    }

    public function test_a_take_of_another_lesson_is_not_found(): void
    {
        $foreign = $this->take($this->lesson($this->teacher('robin@larkfield.example')), 'measure', 1);
        $this->edit([$foreign->id => ['cuts' => [['from' => 0, 'to' => 4800]]]])->assertNotFound();
        $this->assertSame([], $foreign->refresh()->cuts);
    }

    public function test_words_are_put_right_in_captions_and_back_to_the_script(): void
    {
        $take = $this->aligned();
        $words = $this->words($take);
        $first = $words[0];
        $typed = ['from' => $first['from'], 'to' => $first['to'], 'text' => '  Hello   there, '];
        $this->edit([$take->id => ['wordings' => [$typed]]])->assertOk();
        $captions = $this->getJson("/api/lessons/{$this->made->id}/programme")->json('captions');
        $this->assertStringStartsWith('Hello there, ', strtr($captions[0]['text'], "\n", ' '));
        $this->assertCount(count(preg_split('/\s+/', $captions[0]['text']) ?: []), $captions[0]['words']);
        $this->assertSame('Hello', $this->words($take)[0]['text']);

        $this->edit([$take->id => ['wordings' => []]])->assertOk();
        $this->assertSame($first['text'], $this->words($take)[0]['text']);
    }

    public function test_captions_come_back_from_another_program(): void
    {
        $take = $this->aligned();
        $this->assertNotNull($take->alignment);
        $vtt = "WEBVTT\n\n00:00.000 --> 00:00.600\nSomething else, said.\n";
        $answer = $this->postJson("/api/lessons/{$this->made->id}/captions", ['text' => $vtt])->assertOk()->assertJsonPath('changed', 1);
        $this->assertNull($take->refresh()->wordings, 'asking changes nothing');
        $this->edit([$answer->json('takes.0.id') => ['wordings' => $answer->json('takes.0.wordings')]])->assertOk();
        $captions = $this->getJson("/api/lessons/{$this->made->id}/programme")->json('captions');
        $this->assertStringStartsWith('Something else, said.', strtr($captions[0]['text'], "\n", ' '));
        $this->postJson("/api/lessons/{$this->made->id}/captions", ['text' => 'no captions'])->assertStatus(422);
    }

    public function test_words_are_looked_for_again_when_the_script_was_changed_and_once_only(): void
    {
        $take = $this->aligned();
        Queue::fake();
        $this->words($take);
        Queue::assertNothingPushed();
        $document = $this->made->document()->jsonSerialize();
        $document->parts[0]->slides[0]->steps[0]->script = 'Quite another line.';
        $this->putJson("/api/lessons/{$this->made->id}", ['version' => 1, 'document' => $document])->assertOk();
        $this->words($take);
        $this->words($take);
        Queue::assertPushed(AlignTake::class, 1);
        $this->assertTrue($take->refresh()->words_awaited);
        (new AlignTake($take->id))->handle();
        $this->assertFalse($take->refresh()->words_awaited);
        $this->words($take);
        Queue::assertPushed(AlignTake::class, 1);
    }

    public function test_words_cannot_be_typed_twice_and_not_endlessly(): void
    {
        $take = $this->aligned();
        $typed = static fn (int $from, int $to, string $text = 'x'): array => ['from' => $from, 'to' => $to, 'text' => $text];
        $this->edit([$take->id => ['wordings' => [$typed(0, 9600), $typed(4800, 12000)]]])
            ->assertStatus(422)
            ->assertJsonPath('detail', 'Some of these words are typed already. Take that back first, or mark all of them.');
        $this->edit([$take->id => ['wordings' => [$typed(0, 9600, str_repeat('a', 501))]]])
            ->assertStatus(422)
            ->assertJsonPath('detail', 'At most 500 letters can be typed at once. Mark fewer words, and type those.');
        $this->assertNull($take->refresh()->wordings);
    }

    public function test_typed_words_make_a_new_version_and_stand_in_it(): void
    {
        $take = $this->aligned();
        $this->postJson("/api/lessons/{$this->made->id}/releases")->assertSuccessful();
        $this->getJson("/api/lessons/{$this->made->id}/share")->assertJsonPath('changedSince', false);
        $first = $this->words($take)[0];
        $this->edit([$take->id => ['wordings' => [['from' => $first['from'], 'to' => $first['to'], 'text' => 'Typed']]]])->assertOk();
        $this->getJson("/api/lessons/{$this->made->id}/share")->assertJsonPath('changedSince', true);
        $this->postJson("/api/lessons/{$this->made->id}/releases")->assertSuccessful();
        $release = $this->made->newestRelease();
        $this->assertNotNull($release);
        $this->assertStringStartsWith('Typed', $release->frozen()->captions[0]->text);
    }

    public function test_departures_are_offered_until_they_are_kept(): void
    {
        $take = $this->aligned();
        $alignment = $take->alignment;
        $this->assertNotNull($alignment);
        $alignment['departures'] = [['kind' => 'added', 'from' => 5000, 'to' => 5400, 'word' => 1, 'text' => '']];
        $take->update(['alignment' => $alignment]);
        $asked = "/api/lessons/{$this->made->id}/shortening?pause=5000&minutes=0.5";
        $this->getJson($asked)->assertOk()
            ->assertJsonPath('proposals.0.kind', 'aside')
            ->assertJsonPath('proposals.0.from', 240_000)
            ->assertJsonPath('needed', 0);
        $this->edit([$take->id => ['kept' => [240_000]]])->assertOk()->assertJsonPath('0.kept', [240_000]);
        $this->assertNotContains('aside', array_column($this->getJson($asked)->json('proposals'), 'kind'));
    }

    public function test_a_reveal_is_moved_taken_out_and_put_back(): void
    {
        $take = $this->take($this->made, 'measure', 4);
        $steps = fn (): array => array_map(
            static fn (array $shown): array => [$shown['step'], $shown['from']],
            $this->getJson("/api/lessons/{$this->made->id}/programme?take={$take->id}")->json('tracks.steps'),
        );
        $this->assertEquals([[0, 0], [1, 2000]], $steps());
        $mark = $this->getJson("/api/lessons/{$this->made->id}/takes")->json('0.marks.0');
        $this->assertSame(['Step 2 appears', 1], [$mark['label'], $mark['events'][0]['number']]);
        $this->edit([$take->id => ['moved' => [['event' => 1, 'at' => 1200.0]]]])->assertOk();
        $this->assertEquals([[0, 0], [1, 1200]], $steps());
        $this->edit([$take->id => ['moved' => [['event' => 1, 'at' => 4001]]]])
            ->assertStatus(422)
            ->assertJsonPath('detail', 'This would happen before the recording begins, or after it ends. Choose a moment within it.');
        $this->edit([$take->id => ['moved' => [['event' => 1, 'at' => null]]]])->assertOk();
        $this->assertEquals([[0, 0]], $steps());
        $this->assertTrue($this->getJson("/api/lessons/{$this->made->id}/takes")->json('0.marks.0.isOut'));
        $this->edit([$take->id => ['moved' => []]])->assertOk();
        $this->assertEquals([[0, 0], [1, 2000]], $steps());
    }

    public function test_two_lessons_are_made_of_one_with_their_recordings(): void
    {
        $stays = $this->take($this->made, 'measure', 2);
        $goes = $this->take($this->made, 'why', 2);
        $this->getJson("/api/lessons/{$this->made->id}/shortening?pause=700")->assertJsonPath('parting.title', 'Why');
        $second = $this->postJson("/api/lessons/{$this->made->id}/halves")->assertCreated()->json('id');
        $this->assertSame([$this->made->id, $second], [$stays->refresh()->lesson_id, $goes->refresh()->lesson_id]);

        $one = $this->made->refresh()->read();
        $two = Lesson::query()->findOrFail($second)->read();
        $titles = static fn (Document $lesson): array => array_map(static fn (Slide $slide): string => $slide->title, $lesson->slides());
        $this->assertSame(['Measure'], $titles($one));
        $this->assertSame(['Where we were', 'Why'], $titles($two));
        $this->assertSame('text', $two->slides()[0]->blocks[0]->content->text('type'));
        $document = Lesson::query()->findOrFail($second)->document()->array();
        $this->assertSame($one->title, $document['before']);
        $this->assertSame($two->title, $this->made->document()->array()['next']);
        $this->getJson("/api/lessons/{$second}/programme")->assertOk()->assertJsonPath('length', 2000);
        // Its slides can be drawn, the new one with them.
        $this->getJson("/api/lessons/{$second}")->assertOk();
    }

    public function test_a_lesson_of_one_slide_is_not_parted(): void
    {
        $document = self::document();
        $document['parts'] = [$document['parts'][0]];
        $document['parts'][0]['slides'] = [$document['parts'][0]['slides'][0]];
        $lesson = $this->lesson($this->teacher('Robin'), $document);
        $this->actingAs($lesson->user);
        $this->postJson("/api/lessons/{$lesson->id}/halves")
            ->assertStatus(422)
            ->assertJsonPath('detail', 'A lesson of one slide cannot be made into two. Add slides first.');
    }

    public function test_a_pause_of_no_length_is_refused_in_words(): void
    {
        $this->getJson("/api/lessons/{$this->made->id}/shortening?pause=1")
            ->assertStatus(422)
            ->assertJsonPath('detail', 'Pauses can be shortened to between 0.2 and 5 seconds.');
    }

    /**
     * @param  array<string, array<string, mixed>>  $takes
     * @return TestResponse<Response>
     */
    private function edit(array $takes): TestResponse
    {
        return $this->putJson("/api/lessons/{$this->made->id}/editing", ['takes' => $takes]);
    }

    /** A take whose words are known: one after the other, each 0.2 s long. */
    private function aligned(): Take
    {
        $take = $this->take($this->made, 'measure', 6);
        $slide = $this->made->read()->slide('measure');
        $this->assertNotNull($slide);
        $words = [];
        $script = SlideScript::text($slide);
        foreach (Script::read($script)->words as $number => $word) {
            $words[] = ['text' => $word->text, 'from' => 200 * $number, 'to' => 200 * $number + 200, 'isSaid' => true];
        }
        $take->update(['alignment' => [
            'script' => SoughtWords::hash($script, 'en'), 'words' => $words, 'departures' => [], 'isOfThisScript' => true,
        ]]);

        return $take;
    }

    /** @return list<array{text: string, from: int, to: int}> of the script, without silences */
    private function words(Take $take): array
    {
        $takes = array_column($this->getJson("/api/lessons/{$this->made->id}/takes")->json(), 'words', 'id');

        return array_values(array_filter(
            $takes[$take->id],
            static fn (array $word): bool => ! $word['isSilence'],
        ));
    }
}
