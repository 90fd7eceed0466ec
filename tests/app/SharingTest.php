<?php

declare(strict_types=1);

namespace Tests\App;

use App\Adapters\Program;
use App\Jobs\MakeRelease;
use App\Lessons\ReleaseParts;
use App\Lessons\ReleaseStore;
use App\Models\Answer;
use App\Models\Classroom;
use App\Models\Lesson;
use App\Models\Release;
use App\Models\Share;
use App\Models\Student;
use App\Models\Take;
use App\Models\User;
use App\Models\Visit;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;

class SharingTest extends TestCase
{
    private User $rowan;

    private Lesson $made;

    private Classroom $heron;

    private string $share;

    protected function setUp(): void
    {
        parent::setUp();
        $this->made = $this->lesson($this->rowan = $this->teacher());
        $this->take($this->made, 'measure', 2);
        $this->take($this->made, 'why', 1);
        $this->heron = $this->classroom($this->rowan, 'Ada', 'Bram', 'Chidi');
        $this->actingAs($this->rowan);
        $this->postJson("/api/lessons/{$this->made->id}/releases")->assertCreated();
        $this->share = $this->putJson(
            "/api/lessons/{$this->made->id}/shares",
            ['classroom' => $this->heron->id, 'instructions' => 'Have a ruler ready.', 'due' => '2026-12-01'],
        )->assertOk()->json('id');
        $this->app['auth']->guard()->logout();
    }

    public function test_a_student_goes_in_with_code_name_and_word(): void
    {
        $this->postJson('/api/watch/join', ['code' => 'WRONG234'])->assertStatus(422);
        $joined = $this->postJson('/api/watch/join', ['code' => 'abcd-2345'])->assertOk();
        $this->assertSame(['Ada', 'Bram', 'Chidi'], array_column($joined->json('students'), 'name'));
        $this->getJson("/api/watch/{$this->share}")->assertUnauthorized();
        $this->enter('Ada', 'sun')->assertOk()->assertJsonPath('lessons.0.title', 'Shadows');
        $this->postJson('/api/watch/leave')->assertNoContent();
        $this->getJson('/api/watch/me')->assertUnauthorized();
        $this->enter('Ada', 'moon')->assertStatus(422)->assertJsonPath('pointer', '/word');
        $this->enter('Ada', 'SUN ')->assertOk();
    }

    public function test_words_cannot_be_guessed_at_speed(): void
    {
        $this->enter('Ada', 'sun');
        for ($try = 0; $try < 8; $try++) {
            $this->enter('Ada', "guess{$try}")->assertStatus(422);
        }
        $this->enter('Ada', 'guess')->assertStatus(429);
    }

    public function test_a_student_sees_only_the_lessons_of_the_own_class(): void
    {
        $other = Classroom::factory()->for($this->rowan)->create(['code' => 'WXYZ2345']);
        $foreign = Share::factory()->for($this->made)->for($other)->for(Share::query()->findOrFail($this->share)->version())->create();
        $this->enter('Ada', 'sun');
        $this->getJson("/api/watch/{$foreign->id}")->assertNotFound();
        $this->get("/api/watch/{$foreign->id}/sound.webm")->assertNotFound();
        $this->getJson("/api/lessons/{$this->made->id}")->assertUnauthorized();
    }

    public function test_the_release_stands_still_while_the_lesson_changes(): void
    {
        $this->actingAs($this->rowan)->putJson(
            "/api/lessons/{$this->made->id}",
            ['version' => 1, 'document' => ['title' => 'Changed'] + self::document()],
        )->assertOk();
        $this->getJson("/api/lessons/{$this->made->id}/share")->assertJsonPath('changedSince', true);
        $this->enter('Ada', 'sun');
        $this->getJson("/api/watch/{$this->share}")->assertOk()->assertJsonPath('title', 'Shadows')->assertJsonPath('length', 3000);
        $release = (new ReleaseStore)->begin($this->made->fresh());
        MakeRelease::dispatchSync($release->id);
        $this->getJson("/api/watch/{$this->share}")->assertJsonPath('title', 'Changed');
    }

    public function test_what_changes_for_students_who_have_begun_is_said_before_it_is_shared_again(): void
    {
        $this->enter('Ada', 'sun');
        $this->putJson("/api/watch/{$this->share}/answers/measure-question", ['given' => '41 cm'])->assertOk();
        $this->actingAs($this->rowan);
        $changes = fn (): array => $this->getJson("/api/lessons/{$this->made->id}/share")->assertOk()->json('changes');
        $this->assertSame(['added' => [], 'changed' => [], 'removed' => [], 'questions' => []], $changes());

        $document = $this->made->refresh()->document()->jsonSerialize();
        $slides = &$document->parts[0]->slides;
        $slides[0]->blocks[0]->content->value = '42';
        $step = ['id' => 'again-1', 'script' => '', 'pause' => 0];
        $slides[] = (object) [...(array) $slides[0], 'id' => 'again', 'title' => 'Once more', 'blocks' => [], 'steps' => [$step]];
        $document->parts[1]->slides = [];
        $version = $this->getJson("/api/lessons/{$this->made->id}")->json('version');
        $this->putJson("/api/lessons/{$this->made->id}", ['version' => $version, 'document' => $document])->assertOk();

        $this->assertSame([
            'added' => ['Once more'],
            'changed' => ['Measure'],
            'removed' => ['Why'],
            'questions' => [
                ['prompt' => 'How long?', 'change' => 'changed', 'answered' => 1],
                ['prompt' => 'Why?', 'change' => 'removed', 'answered' => 0],
            ],
        ], $changes());
    }

    public function test_a_page_that_is_open_goes_on_with_the_sound_it_began_with(): void
    {
        $this->enter('Ada', 'sun');
        $began = $this->getJson("/api/watch/{$this->share}")->json('sounds.0.sources.0.url');
        $length = $this->get($began)->assertOk()->headers->get('Content-Length');
        $this->made->takes()->where('slide', 'measure')->sole()->update(['cuts' => [['from' => 0, 'to' => 24_000]]]);
        MakeRelease::dispatchSync((new ReleaseStore)->begin($this->made->fresh())->id);
        $this->assertSame($length, $this->get($began)->headers->get('Content-Length'));
        $now = $this->getJson("/api/watch/{$this->share}")->json('sounds.0.sources.0.url');
        $this->assertNotSame($began, $now);
        $this->assertLessThan((int) $length, (int) $this->get($now)->headers->get('Content-Length'));
        // A version of another lesson is not to be had this way.
        $foreign = $this->lesson($this->teacher('Sol'));
        $this->take($foreign, 'measure', 5);
        MakeRelease::dispatchSync($release = (new ReleaseStore)->begin($foreign)->id);
        $this->assertSame(
            $this->get($now)->headers->get('Content-Length'),
            $this->get("/api/watch/{$this->share}/sound.webm?r={$release}")->headers->get('Content-Length'),
        );
    }

    public function test_the_sound_behind_a_question_is_had_when_it_is_answered(): void
    {
        $this->enter('Ada', 'sun');
        $heard = fn (): array => $this->getJson("/api/watch/{$this->share}")->assertOk()->json('sounds');
        $stage = fn (int $number): TestResponse => $this->get("/api/watch/{$this->share}/sound.webm?stage={$number}");
        $first = $heard();
        $this->assertCount(1, $first);
        $this->assertSame(0, (int) $first[0]['from']);
        $stage(0)->assertOk();
        foreach ([1, 2, 3, 9] as $later) {
            $stage($later)->assertNotFound();
        }
        // The teacher hears all of it, stage by stage without a gap, as long as the lesson is.
        $release = $this->made->releases()->sole();
        $all = $this->actingAs($this->rowan)->getJson("/api/releases/{$release->id}")->assertOk();
        $stages = $all->json('sounds');
        // One ends with the part.
        $this->assertCount(4, $stages);
        $this->assertSame(array_column($stages, 'from'), [0, ...array_slice(array_column($stages, 'to'), 0, -1)]);
        $this->assertEquals($all->json('length'), end($stages)['to']);
        foreach ($stages as $number => $each) {
            $file = self::downloaded($this->get("/api/releases/{$release->id}/sound.m4a?stage={$number}")->assertOk());
            $long = (float) Program::run('ffprobe', ['-v', 'error', '-show_entries', 'format=duration', '-of', 'csv=p=0', $file]);
            $this->assertEqualsWithDelta(($each['to'] - $each['from']) / 1000, $long, 0.05);
        }
        auth()->logout();
        $this->enter('Ada', 'sun');
        $this->answer('measure', '41 cm');
        $this->assertCount(3, $heard());
        $stage(1)->assertOk();
        $stage(2)->assertOk();
        $stage(3)->assertNotFound();
    }

    public function test_the_sound_can_be_sought_in_and_answers_are_not_given_away(): void
    {
        $this->enter('Ada', 'sun');
        $this->get("/api/watch/{$this->share}/sound.webm", ['Range' => 'bytes=10-19'])
            ->assertStatus(206)
            ->assertHeader('Content-Length', '10');
        $this->get("/api/watch/{$this->share}/sound.m4a")->assertOk();
        $lesson = $this->getJson("/api/watch/{$this->share}")->json();
        $this->assertArrayNotHasKey('value', $lesson['pauses'][0]['question']);
        // The steps that ask are told in the first half of each take.
        $this->assertEquals([1000, 2500], array_column($lesson['pauses'], 'at'));
    }

    public function test_an_answer_is_marked_once_and_the_model_answer_comes_with_it(): void
    {
        $this->enter('Ada', 'sun');
        $this->answer('measure', '')->assertStatus(422)->assertJsonPath('detail', 'Write an answer first, even a guess.');
        $this->answer('measure', '41')->assertOk()->assertJsonPath('earned', 1)->assertJsonPath('model', "41\u{00A0}cm");
        $this->answer('measure', '41 cm')->assertOk()->assertJsonPath('earned', 1);
        $this->assertSame(1, Answer::query()->count());
        $this->answer('nothing', '4')->assertStatus(422);
    }

    public function test_the_exit_check_is_handed_in_once_and_not_blank(): void
    {
        $this->enter('Ada', 'sun');
        $this->getJson("/api/watch/{$this->share}");
        $this->postJson("/api/watch/{$this->share}/exit-check")->assertStatus(422);
        $this->answer('why', 'First thought')->assertOk()->assertJsonMissingPath('model');
        $this->answer('why', 'Second thought')->assertOk();
        $this->postJson("/api/watch/{$this->share}/exit-check")
            ->assertOk()
            ->assertJsonPath('handedIn', true)
            ->assertJsonPath('answers.why-question.model', 'The Sun was higher.');
        $this->answer('why', 'Third thought')->assertStatus(422);
        $this->assertSame('Second thought', Answer::query()->sole()->given);
    }

    public function test_a_student_comes_back_to_the_same_place(): void
    {
        $this->enter('Ada', 'sun');
        $this->putJson("/api/watch/{$this->share}/place", ['position' => 1234])->assertNoContent();
        $this->putJson("/api/watch/{$this->share}/place", ['position' => 400])->assertNoContent();
        $this->getJson("/api/watch/{$this->share}")->assertJsonPath('visit.position', 400);
        $this->actingAs($this->rowan)
            ->getJson("/api/lessons/{$this->made->id}/replies")
            ->assertJsonPath('classes.0.students.0.share', 0.411);
    }

    public function test_classes_are_kept_and_codes_renewed(): void
    {
        $this->actingAs($this->rowan);
        $class = "/api/classrooms/{$this->heron->id}";
        $this->putJson($class, ['name' => '6 Kingfisher'])->assertOk()->assertJsonPath('name', '6 Kingfisher');
        $this->postJson("{$class}/students", ['names' => ['Zoe', ' ', 'Mina']])->assertCreated()->assertJsonCount(5, 'students');
        $this->postJson("{$class}/students", ['names' => ['Omar', 'ada']])->assertStatus(422);
        $this->postJson("{$class}/students", ['names' => ['Noor', 'Noor']])->assertStatus(422);
        $this->postJson(
            "{$class}/students",
            ['names' => array_map(static fn (int $number): string => "Pupil {$number}", range(1, 58))],
        )->assertStatus(422);
        $this->assertSame(5, $this->heron->students()->count());
        $old = $this->heron->code;
        $this->postJson("{$class}/code")->assertOk();
        $this->postJson('/api/watch/join', ['code' => $old])->assertStatus(422);
    }

    public function test_a_renamed_student_keeps_the_replies_and_one_taken_out_takes_them_along(): void
    {
        foreach (['Ada', 'Bram'] as $name) {
            $this->enter($name, 'sun');
            $this->answer('measure', '48 cm');
            $this->postJson('/api/watch/leave');
        }
        [$ada, $bram] = $this->heron->students()->get()->all();
        $class = "/api/classrooms/{$this->heron->id}";
        $this->actingAs($this->rowan)->putJson("{$class}/students/{$ada->id}", ['name' => 'Adah'])->assertOk();
        $this->putJson("{$class}/students/{$ada->id}", ['name' => 'bram'])->assertStatus(422);
        $this->deleteJson("{$class}/students/{$bram->id}")->assertOk()->assertJsonCount(2, 'students');
        $answers = $this->getJson("/api/lessons/{$this->made->id}/replies")->assertOk()->json('classes.0.questions.0.answers');
        $this->assertSame(['Adah'], array_column($answers, 'student'));
        $this->assertSame(1, Answer::query()->count());
        $other = Classroom::factory()->for($this->rowan)->create(['code' => 'WXYZ2345']);
        $this->deleteJson("/api/classrooms/{$other->id}/students/{$ada->id}")->assertNotFound();
    }

    public function test_a_lesson_taken_back_is_closed_to_the_class(): void
    {
        $this->enter('Ada', 'sun');
        $this->answer('measure', '41 cm');
        $other = $this->lesson($this->rowan);
        $this->actingAs($this->rowan)->deleteJson("/api/lessons/{$other->id}/shares/{$this->share}")->assertNotFound();
        $this->deleteJson("/api/lessons/{$this->made->id}/shares/{$this->share}")->assertNoContent();
        $this->enter('Ada', 'sun')->assertJsonCount(0, 'lessons');
        $this->getJson("/api/watch/{$this->share}")->assertNotFound();
        $this->assertSame(0, Answer::query()->count());
    }

    public function test_a_lesson_or_class_that_is_deleted_leaves_nothing_of_the_children_behind(): void
    {
        $this->enter('Ada', 'sun');
        $this->answer('measure', '41 cm');
        $release = $this->made->releases()->sole();
        $this->assertTrue(Storage::exists($release->soundPath(0, 'webm')));
        $this->actingAs($this->rowan)->deleteJson("/api/lessons/{$this->made->id}")->assertNoContent();
        foreach ([Answer::class, Visit::class, Share::class, Release::class, Take::class] as $model) {
            $this->assertSame(0, $model::query()->count(), $model);
        }
        $this->assertSame([], Storage::allFiles());
        $this->deleteJson("/api/classrooms/{$this->heron->id}")->assertNoContent();
        $this->assertSame(0, Student::query()->count());
    }

    public function test_versions_that_sound_alike_share_their_sound_until_none_of_them_is_left(): void
    {
        $first = $this->made->releases()->sole();
        $changed = json_decode(str_replace('The first line.', 'Another line.', (string) $this->made->document()));
        $this->actingAs($this->rowan)->putJson(
            "/api/lessons/{$this->made->id}",
            ['version' => $this->made->version, 'document' => $changed],
        )->assertOk();
        $this->postJson("/api/lessons/{$this->made->id}/releases")->assertCreated();
        $second = $this->made->releases()->reorder('number', 'desc')->firstOrFail();
        $this->assertNotSame($first->id, $second->id);
        $this->assertSame($first->parts, $second->parts);
        $this->assertNotSame($first->programme, $second->programme);
        $sound = $first->soundPath(0, 'webm');
        $first->delete();
        ReleaseParts::forgetUnused([$sound]);
        $this->assertTrue(Storage::exists($sound));
        $second->delete();
        ReleaseParts::forgetUnused([$sound]);
        $this->assertFalse(Storage::exists($sound));
    }

    public function test_another_way_of_writing_a_number_is_a_change(): void
    {
        $this->actingAs($this->rowan);
        $isChanged = fn (): bool => $this->getJson("/api/lessons/{$this->made->id}/share")->assertOk()->json('changedSince');
        $save = fn (string $value): TestResponse => $this->putJson(
            "/api/lessons/{$this->made->id}",
            [
                'version' => $this->made->fresh()->version,
                'document' => json_decode(str_replace('"value":"41"', '"value":"'.$value.'"', (string) json_encode(self::document()))),
            ],
        );
        $save('2.50')->assertOk();
        $this->postJson("/api/lessons/{$this->made->id}/releases")->assertCreated();
        $this->assertFalse($isChanged());
        $save('2.5')->assertOk();
        $this->assertTrue($isChanged());
    }

    public function test_what_no_class_sees_is_no_change(): void
    {
        $this->actingAs($this->rowan);
        $this->postJson("/api/lessons/{$this->made->id}/releases")->assertCreated();
        $document = $this->made->fresh()->document()->jsonSerialize();
        $document->printed = [['slide' => 'measure', 'always' => false]];
        $this->putJson("/api/lessons/{$this->made->id}", ['version' => $this->made->fresh()->version, 'document' => $document])->assertOk();
        $this->getJson("/api/lessons/{$this->made->id}/share")->assertOk()->assertJsonPath('changedSince', false);
    }

    /** @return TestResponse<Response> */
    private function enter(string $name, string $word): TestResponse
    {
        return $this->postJson(
            '/api/watch/enter',
            ['code' => 'ABCD2345', 'student' => $this->heron->students()->where('name', $name)->firstOrFail()->id, 'word' => $word],
        );
    }

    /** @return TestResponse<Response> */
    private function answer(string $slide, string $given): TestResponse
    {
        return $this->putJson("/api/watch/{$this->share}/answers/{$slide}-question", ['given' => $given]);
    }
}
