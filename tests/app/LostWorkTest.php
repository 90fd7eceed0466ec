<?php

declare(strict_types=1);

namespace Tests\App;

use App\Adapters\Files;
use App\Adapters\Formula\MathJax;
use App\Adapters\Program;
use App\Adapters\ProgramFailed;
use App\Jobs\MakeExport;
use App\Models\Export;
use App\Models\ExportState;
use App\Models\Lesson;
use App\Models\Release;
use App\Models\Take;
use App\Models\TakeState;
use App\Models\User;
use App\Recording\DrawingCost;
use Daybright\Scene\FormulasAway;
use DomainException;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DoesNotPerformAssertions;
use RuntimeException;
use Symfony\Component\HttpFoundation\Response;

/** Nothing that was acknowledged is lost, and nothing waits for ever. */
class LostWorkTest extends TestCase
{
    private const TAKE = 'abcdefghijklmnopqrstuv';

    private User $rowan;

    private Lesson $made;

    protected function setUp(): void
    {
        parent::setUp();
        $this->made = $this->lesson($this->rowan = $this->teacher());
        $this->actingAs($this->rowan);
    }

    public function test_the_state_of_a_take_and_the_job_for_it_are_stored_together_or_not_at_all(): void
    {
        config(['queue.default' => 'database']);
        $this->arrived();
        Event::listen('eloquent.updated: '.Take::class, static fn () => throw new RuntimeException('the server dies here'));
        $this->postJson('/api/takes/'.self::TAKE.'/finish', ['pieces' => 1])->assertStatus(500);
        $this->assertSame(TakeState::Recording, Take::query()->find(self::TAKE)->state);
        $this->assertSame(0, DB::table('jobs')->count());
        Event::forget('eloquent.updated: '.Take::class);
        $this->postJson('/api/takes/'.self::TAKE.'/finish', ['pieces' => 1])->assertOk();
        $this->assertSame(TakeState::Preparing, Take::query()->find(self::TAKE)->state);
        $this->assertSame(['takes'], DB::table('jobs')->pluck('queue')->all());
    }

    public function test_what_waits_without_a_job_is_queued_again_and_nothing_twice(): void
    {
        config(['queue.default' => 'database']);
        $this->arrived();
        $this->postJson('/api/takes/'.self::TAKE.'/finish', ['pieces' => 1])->assertOk();
        $this->take($this->made, 'why', 1);
        $release = $this->postJson("/api/lessons/{$this->made->id}/releases")->assertCreated()->json('id');
        $export = Export::factory()->create(['release_id' => $release]);
        $this->artisan('jobs:tend')->expectsOutput('Queued again: 1');
        $this->assertSame(['releases', 'takes', 'videos'], DB::table('jobs')->orderBy('queue')->pluck('queue')->all());
        $this->artisan('jobs:tend')->expectsOutput('Queued again: 0');
        DB::table('jobs')->delete();
        $this->artisan('jobs:tend')->expectsOutput('Queued again: 3');
        $this->assertTrue(DB::table('jobs')->where('payload', 'like', "%{$export->id}%")->exists());
    }

    public function test_a_job_of_a_dead_worker_is_taken_over_a_minute_later_and_one_of_a_living_worker_is_not(): void
    {
        config(['queue.default' => 'database']);
        $this->arrived();
        $this->postJson('/api/takes/'.self::TAKE.'/finish', ['pieces' => 1])->assertOk();
        DB::table('jobs')->update(['reserved_at' => now()->timestamp, 'attempts' => 1]);
        $work = fn () => $this->artisan('queue:work', ['--once' => true, '--queue' => 'takes'])->assertSuccessful();
        $work();
        $this->assertSame(TakeState::Preparing, Take::query()->find(self::TAKE)->state);
        $this->travel(61)->seconds();
        $work();
        $this->assertSame(TakeState::Failed, Take::query()->find(self::TAKE)->state);
        $this->assertSame(0, DB::table('jobs')->count());
    }

    public function test_a_clock_that_was_set_back_holds_nothing_up(): void
    {
        config(['queue.default' => 'database']);
        $this->arrived();
        $this->travel(3)->hours();
        $this->postJson('/api/takes/'.self::TAKE.'/finish', ['pieces' => 1])->assertOk();
        $this->travelBack();
        $this->artisan('jobs:tend');
        $this->assertLessThanOrEqual(now()->timestamp, DB::table('jobs')->value('available_at'));
        DB::table('jobs')->update(['reserved_at' => now()->addHours(3)->timestamp]);
        $this->artisan('jobs:tend');
        $this->assertNull(DB::table('jobs')->value('reserved_at'));
    }

    public function test_a_program_that_is_missing_or_hangs_costs_no_recording(): void
    {
        config(['queue.default' => 'database']);
        $this->arrived();
        config(['daybright.programs.ffmpeg' => '/nowhere/ffmpeg']);
        $this->postJson('/api/takes/'.self::TAKE.'/finish', ['pieces' => 1])->assertOk();
        $this->assertStringContainsString('What you said is kept', $this->triedUntilItFails());
        config(['daybright.programs.ffmpeg' => self::hanging(), 'daybright.longest_wait' => 0.3]);
        $this->postJson('/api/takes/'.self::TAKE.'/prepare')->assertOk();
        $this->assertStringContainsString('What you said is kept', $this->triedUntilItFails());
        config(['daybright.programs.ffmpeg' => 'ffmpeg', 'daybright.longest_wait' => 60]);
        $this->postJson('/api/takes/'.self::TAKE.'/prepare')->assertOk();
        $this->assertStringContainsString('No sound could be read', $this->triedUntilItFails());
        $this->postJson('/api/takes/'.self::TAKE.'x/prepare')->assertNotFound();
    }

    public function test_programs_end_in_their_time_and_say_why(): void
    {
        config(['daybright.programs.flite' => self::hanging(), 'daybright.longest_wait' => 0.3]);
        $begun = microtime(true);
        $this->postJson("/api/lessons/{$this->made->id}/voice", ['script' => 'Noon.'])
            ->assertStatus(503)
            ->assertJsonPath('detail', fn (string $detail): bool => str_contains($detail, 'flite'));
        $this->assertLessThan(5, microtime(true) - $begun);
        config(['daybright.programs.espeak' => '/bin/ls']);
        try {
            Program::run('espeak', ['--no-such-flag']);
            $this->fail('a failure went unnoticed');
        } catch (ProgramFailed $failure) {
            $this->assertStringContainsString('no-such-flag', $failure->getMessage());
            $this->assertFalse($failure->isAway);
        }
    }

    public function test_formulas_that_cannot_be_set_now_are_a_passing_trouble_and_spoil_nothing(): void
    {
        config(['daybright.formula_socket' => '/nowhere', 'daybright.programs.node' => '/nowhere/node']);
        $this->app->forgetInstance(\Daybright\Scene\FormulaSetter::class);
        $this->expectException(FormulasAway::class);
        (new MathJax)->set('x_{'.random_int(1, PHP_INT_MAX).'}');
    }

    public function test_pieces_with_broken_events_are_refused_and_not_acknowledged(): void
    {
        $this->begin();
        foreach ([
            '{broken',
            '[{"kind":"step"}]',
            '"words"',
            '[1e999]',
            "[{\"kind\":\"step\",\"at\":1,\"step\":\"\xFF\"}]",
        ] as $number => $events) {
            $this->piece($number, 'abc', $events)->assertStatus(422);
        }
        $this->assertSame(0, Take::query()->find(self::TAKE)->pieces()->count());
        $this->assertSame([], Storage::allFiles());
    }

    public function test_drawing_is_bounded_by_what_it_costs(): void
    {
        $stroke = static fn (int $points, float $width, float $step): object => (object) [
            'kind' => 'ink',
            'at' => 0,
            'tool' => 'pen',
            'colour' => '#000000',
            'width' => $width,
            'points' => array_map(
                static fn (int $point): array => [$point, $point * $step % 1600, $point * $step % 900],
                range(1, $points),
            ),
        ];
        // Ten minutes of a hand that never rests: 60 points a second, each some units on.
        DrawingCost::refuseTooMuch(array_fill(0, 12, $stroke(3000, 40, 8)));
        foreach ([array_fill(0, 60, $stroke(5000, 4, 1)), [$stroke(5000, 80, 791)]] as $costly) {
            try {
                DrawingCost::refuseTooMuch($costly);
                $this->fail('costly drawing was taken');
            } catch (DomainException $error) {
                $this->assertStringContainsString('more drawing', $error->getMessage());
            }
        }
    }

    /** Judging the cost comes before the schema is asked, so what has no shape of drawing must pass here. */
    #[DoesNotPerformAssertions]
    public function test_what_is_not_drawing_costs_nothing(): void
    {
        DrawingCost::refuseTooMuch([['kind' => 'ink', 'points' => 'none'], 'words', 7]);
    }

    public function test_a_sound_that_is_gone_takes_no_room_down(): void
    {
        $take = $this->take($this->made, 'measure', 1);
        $this->postJson("/api/lessons/{$this->made->id}/releases")->assertCreated();
        Storage::delete($take->path('sound.flac'));
        Storage::delete(array_values(Release::query()->firstOrFail()->parts ?? []));
        $this->getJson("/api/lessons/{$this->made->id}/share")->assertOk()->assertJsonPath('sizes.sound', 0);
        $this->getJson("/api/lessons/{$this->made->id}/files/archive")->assertStatus(422)->assertJsonPath(
            'detail',
            'The sound of a take of “Measure” is missing on the server. Delete that take in Edit, or restore it from a backup.',
        );
        $this->getJson("/api/takes/{$take->id}/narration")->assertStatus(404);
        $this->getJson("/api/releases/{$this->made->releases()->value('id')}/sound.webm")->assertStatus(404);
    }

    public function test_a_look_at_a_page_writes_nothing(): void
    {
        config(['session.driver' => 'database']);
        $this->app['auth']->guard()->logout();
        foreach (['/up', '/join', '/sign-in', '/api/me', '/api/watch/me'] as $address) {
            $answer = $this->get($address);
            $this->assertSame([], $answer->headers->getCookies(), $address);
        }
        $this->assertSame(0, DB::table('sessions')->count());
        $this->get('/api/session')->assertNoContent()->assertCookie('daybright_session');
        $this->assertSame(1, DB::table('sessions')->count());
    }

    public function test_the_server_tells_how_it_is(): void
    {
        $seen = $this->getJson('/up')->json();
        $this->assertSame([true, true, true, true], [$seen['database'], $seen['disk'], $seen['queue'], $seen['ffmpeg']]);
        config(['daybright.programs.ffmpeg' => '/nowhere/ffmpeg']);
        $this->getJson('/up')->assertStatus(503)->assertJsonPath('ffmpeg', false)->assertJsonPath('ok', false);
    }

    public function test_a_version_that_came_too_late_can_be_reached_again(): void
    {
        $save = fn (string $title, int $version) => $this->putJson(
            "/api/lessons/{$this->made->id}",
            ['version' => $version, 'document' => ['title' => $title] + self::document()],
        );
        $save('Theirs', 1)->assertOk();
        $save('Mine, too late', 1)->assertStatus(409);
        $kept = $this->getJson("/api/lessons/{$this->made->id}/kept")->assertOk()->assertJsonCount(1)->json('0');
        $this->assertSame(['Mine, too late', 2], [$kept['title'], $kept['slides']]);
        $this->postJson("/api/lessons/{$this->made->id}/kept/{$kept['id']}", ['version' => 1])->assertStatus(409);
        $this->postJson("/api/lessons/{$this->made->id}/kept/{$kept['id']}", ['version' => 2])
            ->assertOk()
            ->assertJsonPath('document.title', 'Mine, too late')
            ->assertJsonPath('version', 3);
        $this->getJson("/api/lessons/{$this->made->id}/kept")->assertExactJson([]);
        $this->postJson("/api/lessons/{$this->made->id}/undo", ['version' => 3])->assertJsonPath('document.title', 'Theirs');
    }

    public function test_a_refused_save_is_told_with_its_place_in_words(): void
    {
        $document = self::document();
        $document['parts'][0]['slides'][0]['steps'][1]['script'] = str_repeat('x', 4001);
        $this->putJson("/api/lessons/{$this->made->id}", ['version' => 1, 'document' => $document])
            ->assertStatus(422)
            ->assertJsonPath('detail', 'On the slide “Measure”, step 2: The script is too long: at most 4000 letters. Shorten it.')
            ->assertJsonPath('pointer', '/parts/0/slides/0/steps/1/script');
    }

    public function test_jobs_leave_no_unfinished_files_behind(): void
    {
        $this->take($this->made, 'measure', 1);
        $release = $this->postJson("/api/lessons/{$this->made->id}/releases")->assertCreated()->json('id');
        $export = Export::factory()->create(['release_id' => $release]);
        MakeExport::dispatchSync($export->id);
        $this->assertSame(ExportState::Ready, $export->fresh()->state);
        $this->getJson("/api/lessons/{$this->made->id}/programme")->assertOk();
        foreach (Take::query()->get() as $take) {
            $this->get("/api/takes/{$take->id}/narration")->assertOk();
        }
        foreach (['not a zip', 'PK'.str_repeat('x', 500)] as $bytes) {
            $this->post(
                '/api/lessons/import',
                ['file' => UploadedFile::fake()->createWithContent('lesson.zip', $bytes)],
                ['Accept' => 'application/json'],
            )->assertStatus(422);
        }
        $this->assertSame([], glob(Files::workFolder().'/*'));
    }

    /** Works on the queue until the take is given up, and gives what it then says. */
    private function triedUntilItFails(): string
    {
        for ($tries = 0; $tries < 5 && Take::query()->find(self::TAKE)->state === TakeState::Preparing; $tries++) {
            $this->artisan('queue:work', ['--once' => true, '--queue' => 'takes']);
            $this->travel(6)->seconds();
        }

        return Take::query()->find(self::TAKE)->trouble;
    }

    private static function hanging(): string
    {
        $program = Files::temporary('sh');
        file_put_contents($program, "#!/bin/sh\nexec sleep 30\n");
        chmod($program, 0700);

        return $program;
    }

    private function begin(): void
    {
        $this->putJson("/api/lessons/{$this->made->id}/takes/".self::TAKE, ['slide' => 'measure', 'source' => 'microphone'])->assertOk();
    }

    private function arrived(): void
    {
        $this->begin();
        $this->piece(0, 'no sound at all')->assertOk();
    }

    /** @return TestResponse<Response> */
    private function piece(int $number, string $bytes, string $events = '[]'): TestResponse
    {
        return $this->post(
            '/api/takes/'.self::TAKE."/pieces/{$number}",
            [
                '_method' => 'PUT',
                'sound' => UploadedFile::fake()->createWithContent('p', $bytes),
                'sha256' => hash('sha256', $bytes),
                'events' => $events,
            ],
            ['Accept' => 'application/json'],
        );
    }
}
