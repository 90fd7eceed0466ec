<?php

declare(strict_types=1);

namespace Tests\App;

use App\Adapters\Files;
use App\Adapters\Program;
use App\Adapters\Sound\AudioEncoder;
use App\Adapters\Sound\PracticeVoice;
use App\Adapters\Sound\SignalGenerator;
use App\Models\Lesson;
use App\Models\Take;
use App\Models\TakeState;
use App\Models\User;
use Daybright\Recording\Clock;
use Daybright\Recording\SampleRange;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;

class RecordingTest extends TestCase
{
    private User $rowan;

    private Lesson $made;

    private string $take = 'abcdefghijklmnopqrstuv';

    protected function setUp(): void
    {
        parent::setUp();
        $this->made = $this->lesson($this->rowan = $this->teacher());
        $this->actingAs($this->rowan);
    }

    public function test_pieces_arrive_in_any_order_and_twice_and_make_one_take(): void
    {
        $pieces = self::pieces(6.0);
        $this->begin();
        foreach ([2, 0, 1, 0] as $number) {
            $this->piece($number, $pieces[$number])->assertOk();
        }
        $missing = $this->postJson("/api/takes/{$this->take}/finish", ['pieces' => count($pieces)])->assertStatus(202)->json('missing');
        $this->assertSame(range(3, count($pieces) - 1), $missing);
        foreach ($missing as $number) {
            $this->piece(
                $number,
                $pieces[$number],
                $number === 4 ? [['kind' => 'step', 'at' => 2500, 'step' => 'measure-2']] : [],
            )->assertOk();
        }
        $this->postJson("/api/takes/{$this->take}/finish", ['pieces' => count($pieces)])->assertOk();
        $take = Take::query()->find($this->take);
        $this->assertSame(TakeState::Ready, $take->state);
        $this->assertTrue($take->chosen);
        $this->assertEqualsWithDelta(6.0, $take->length / 48000, 0.05);
        $this->assertSame('measure-2', $take->events[0]['step']);
        $this->assertSame(
            hash('sha256', implode('', $pieces)),
            hash(
                'sha256',
                implode(
                    '',
                    array_map(
                        fn (int $number): string => (string) Storage::get($take->path(sprintf('pieces/%06d', $number))),
                        array_keys($pieces),
                    ),
                ),
            ),
        );
    }

    public function test_a_sentence_is_said_again_and_all_around_it_stays(): void
    {
        $second = static fn (float $seconds): int => (int) round($seconds * 48_000);
        $earlier = Take::factory()->for($this->made)->sounding(6)->create();
        $stretch = static fn (float $from, float $to): array => ['from' => $second($from), 'to' => $second($to)];
        $earlier->update([
            'cuts' => [$stretch(0, 0.5), $stretch(2.5, 3), $stretch(5, 5.5)],
            'wordings' => [
                $stretch(1, 1.5) + ['text' => 'before'], $stretch(2, 2.5) + ['text' => 'gone'], $stretch(4.5, 5) + ['text' => 'after'],
            ],
            'kept' => [$second(1), $second(3), $second(4.5)],
            'events' => [
                ['kind' => 'show', 'at' => 0, 'slide' => 'measure'], ['kind' => 'step', 'at' => 3000, 'step' => 'measure-2'],
                ['kind' => 'wipe', 'at' => 5500],
            ],
        ]);
        $this->putJson("/api/lessons/{$this->made->id}/takes/{$this->take}", [
            'slide' => 'measure', 'source' => 'microphone',
            'continues' => ['take' => $earlier->id, 'at' => $second(2), 'until' => $second(4)],
        ])->assertSuccessful();
        $pieces = self::pieces(3.0);
        foreach ($pieces as $number => $piece) {
            $this->piece($number, $piece, $number === 0 ? [['kind' => 'show', 'at' => 0, 'slide' => 'measure']] : [])->assertOk();
        }
        $this->postJson("/api/takes/{$this->take}/finish", ['pieces' => count($pieces)])->assertOk();
        $take = Take::query()->findOrFail($this->take);
        $this->assertSame(TakeState::Ready, $take->state, (string) $take->trouble);
        $this->assertTrue($take->chosen);
        $said = $take->length / 48_000 - 4;
        $this->assertEqualsWithDelta(3.0, $said, 0.05);
        $this->assertEqualsWithDelta([0.0, 2000 + 500 * $said, 3500 + 1000 * $said], array_column($take->events, 'at'), 1.0);
        $this->assertEqualsWithDelta(
            [[0, 0.5], [3 + $said, 3.5 + $said]],
            array_map(static fn (array $cut): array => [$cut['from'] / 48_000, $cut['to'] / 48_000], $take->cuts ?? []),
            0.001,
        );
        $this->assertSame(['before', 'after'], array_column($take->wordings ?? [], 'text'));
        $kept = array_map(static fn (int $each): float => $each / 48_000, $take->kept ?? []);
        $this->assertEqualsWithDelta([1.0, 2.5 + $said], $kept, 0.001);
        // The earlier tone is heard before and after, and the new one between them.
        $crossings = static function (float $from) use ($take): float {
            $raw = Program::run('ffmpeg', [
                '-v', 'error', '-ss', (string) $from, '-t', '0.5', '-i', Files::found($take->path('sound.flac')), '-f', 's16le', '-',
            ]);
            $samples = array_values(unpack('s*', $raw) ?: []);

            $rises = static fn (int $at): bool => $at > 0 && $samples[$at - 1] < 0 && $samples[$at] >= 0;

            return count(array_filter(array_keys($samples), $rises)) * 2;
        };
        $this->assertEqualsWithDelta(440, $crossings(1), 4);
        $this->assertGreaterThan(40, abs(440 - $crossings(3)));
        $this->assertEqualsWithDelta(440, $crossings(2.5 + $said), 4);
    }

    public function test_a_take_goes_on_from_a_step_of_another_without_a_click_and_as_loud(): void
    {
        // The step stands in whole tenths of a millisecond, a little before the sample that it is told by.
        $earlier = Take::factory()->for($this->made)->sounding(6)->create(['events' => [
            ['kind' => 'show', 'at' => 0, 'slide' => 'measure'], ['kind' => 'step', 'at' => 3000.2, 'step' => 'measure-2'],
        ]]);
        $stretch = static fn (float $from, float $to): array => ['from' => (int) ($from * 48_000), 'to' => (int) ($to * 48_000)];
        $earlier->update([
            'cuts' => [$stretch(1, 1.5), $stretch(2.9, 3.5), $stretch(5, 5.5)],
            'wordings' => [$stretch(2, 2.4) + ['text' => 'before'], $stretch(4, 4.5) + ['text' => 'gone']],
            'kept' => [48_000, 4 * 48_000],
        ]);
        $this->putJson("/api/lessons/{$this->made->id}/takes/{$this->take}", [
            'slide' => 'measure', 'source' => 'microphone', 'continues' => ['take' => $earlier->id, 'at' => Clock::samples(3000.2)],
        ])->assertSuccessful();
        $pieces = self::pieces(4.0);
        foreach ($pieces as $number => $piece) {
            $this->piece($number, $piece, $number === 0 ? [
                ['kind' => 'show', 'at' => 0, 'slide' => 'measure'], ['kind' => 'step', 'at' => 20, 'step' => 'measure-2'],
            ] : [])->assertOk();
        }
        $this->postJson("/api/takes/{$this->take}/finish", ['pieces' => count($pieces)])->assertOk();
        $take = Take::query()->findOrFail($this->take);
        $this->assertSame(TakeState::Ready, $take->state);
        $this->assertTrue($take->chosen);
        $this->assertFalse($earlier->refresh()->chosen);
        $this->assertEqualsWithDelta(7.0, $take->length / 48_000, 0.05);
        // What was edited holds up to where it goes on, and nothing of what is gone.
        $this->assertSame([$stretch(1, 1.5), ['from' => (int) (2.9 * 48_000), 'to' => Clock::samples(3000.2)]], $take->cuts);
        $this->assertSame(['before'], array_column($take->wordings ?? [], 'text'));
        $this->assertSame([48_000], $take->kept);
        $this->assertSame([['show', 0.0], ['step', 3020.2]], array_map(
            static fn (array $event): array => [$event['kind'], (float) $event['at']],
            $take->events,
        ));
        $loudness = static fn (float $from, float $to): float => AudioEncoder::loudness(AudioEncoder::join([[
            'file' => Files::found($take->path('sound.flac')),
            'loudness' => -16.0,
            'ranges' => [new SampleRange((int) ($from * 48_000), (int) ($to * 48_000))],
        ]]));
        $this->assertEqualsWithDelta($loudness(0.2, 2.8), $loudness(3.2, 6.6), 1.0);
        // A click would be a step that no tone of 300 or 440 Hz takes from one sample to the next.
        $raw = Program::run('ffmpeg', ['-v', 'error', '-i', Files::found($take->path('sound.flac')), '-f', 's16le', '-ac', '1', '-']);
        $samples = array_values(unpack('s*', substr($raw, (int) (2.9 * 96_000), 19_200)) ?: []);
        $steps = array_map(
            static fn (int $one, int $next): int => abs($next - $one),
            array_slice($samples, 0, -1),
            array_slice($samples, 1),
        );
        $this->assertLessThan(0.08 * 32_768, max($steps));
        $this->putJson("/api/lessons/{$this->made->id}/takes/".str_repeat('z', 22), [
            'slide' => 'measure', 'source' => 'microphone', 'continues' => ['take' => str_repeat('q', 22), 'at' => 4],
        ])->assertUnprocessable();
        // What has begun is not refused when it is named once more after the earlier take is gone.
        $earlier->delete();
        $this->putJson("/api/lessons/{$this->made->id}/takes/{$this->take}", [
            'slide' => 'measure', 'source' => 'microphone', 'continues' => ['take' => $earlier->id, 'at' => 3 * 48_000],
        ])->assertSuccessful();
    }

    public function test_a_damaged_or_different_piece_is_refused(): void
    {
        $this->begin();
        $this->post(
            "/api/takes/{$this->take}/pieces/0",
            [
                '_method' => 'PUT',
                'sound' => UploadedFile::fake()->createWithContent('p', 'abc'),
                'sha256' => hash('sha256', 'abd'),
                'events' => '[]',
            ],
            ['Accept' => 'application/json'],
        )->assertStatus(422);
        $this->piece(0, 'abc')->assertOk();
        $this->piece(0, 'xyz')->assertStatus(422);
        $this->piece(1, 'abc', [['kind' => 'explode', 'at' => 1]])->assertStatus(422);
        $this->piece(2, str_repeat('x', 600_000))->assertStatus(422);
    }

    public function test_a_take_that_was_broken_off_is_kept_up_to_the_first_gap(): void
    {
        $pieces = self::pieces(6.0);
        $this->begin();
        foreach ([0, 1, 2, 3, 4, 5, 7] as $number) {
            $this->piece($number, $pieces[$number]);
        }
        $this->getJson("/api/lessons/{$this->made->id}/takes")->assertJsonPath('0.state', 'recording')->assertJsonPath('0.pieces', 7);
        $this->postJson("/api/takes/{$this->take}/finish", [])->assertOk();
        $take = Take::query()->find($this->take);
        $this->assertSame(TakeState::Ready, $take->state);
        // Six pieces of half a second: what was acknowledged is there, less at most the piece that was on its way.
        $this->assertGreaterThan(2.4, $take->length / 48000);
    }

    public function test_a_take_is_finished_by_a_form_as_by_json(): void
    {
        $this->begin();
        $this->piece(0, 'sound that cannot be decoded')->assertOk();
        $this->post("/api/takes/{$this->take}/finish", ['pieces' => '1'], ['Accept' => 'application/json'])->assertOk();
        $this->assertSame(0, Take::query()->where('state', 'recording')->count());
    }

    public function test_a_take_of_nonsense_fails_with_a_sentence_and_an_empty_one_is_refused(): void
    {
        $this->begin();
        $this->postJson("/api/takes/{$this->take}/finish", [])->assertStatus(422);
        $this->piece(0, 'this is no sound');
        $this->postJson("/api/takes/{$this->take}/finish", ['pieces' => 1])->assertOk();
        $take = Take::query()->find($this->take);
        $this->assertSame(TakeState::Failed, $take->state);
        // What arrived is kept: it is never the teacher's to say it all again while it is there.
        $this->assertStringContainsString('Prepare again', $take->trouble);
        $this->assertStringNotContainsString('Record the slide again', $take->trouble);
        $this->postJson("/api/takes/{$this->take}/prepare")->assertOk()->assertJsonPath('state', 'failed');
    }

    public function test_what_is_done_after_the_sound_has_ended_is_seen(): void
    {
        $pieces = self::pieces(2.0);
        $this->begin();
        foreach ($pieces as $number => $bytes) {
            $this->piece($number, $bytes, $number === 0 ? [['kind' => 'step', 'at' => 2600, 'step' => 'measure-2']] : []);
        }
        $this->postJson("/api/takes/{$this->take}/finish", ['pieces' => count($pieces)])->assertOk();
        $this->assertSame((int) (3.1 * 48000), Take::query()->find($this->take)->length);
        $steps = $this->getJson("/api/lessons/{$this->made->id}/programme")->assertJsonPath('length', 3100)->json('tracks.steps');
        $this->assertSame([1, 2600], [end($steps)['step'], end($steps)['from']]);
        // No page may make the server write hours of silence.
        $this->take = 'wbcdefghijklmnopqrstuv';
        $this->begin();
        $this->piece(0, implode('', $pieces), [['kind' => 'step', 'at' => 3_600_000, 'step' => 'measure-2']]);
        $this->postJson("/api/takes/{$this->take}/finish", ['pieces' => 1])->assertOk();
        $this->assertEqualsWithDelta(12.0, Take::query()->find($this->take)->length / 48000, 0.1);
    }

    public function test_a_take_that_was_paused_throughout_fails_with_a_sentence_and_spoils_no_programme(): void
    {
        $pieces = self::pieces(2.0);
        $this->begin();
        foreach ($pieces as $number => $bytes) {
            $this->piece($number, $bytes, $number === 0 ? [['kind' => 'pause', 'at' => 0]] : []);
        }
        $this->postJson("/api/takes/{$this->take}/finish", ['pieces' => count($pieces)])->assertOk();
        $take = Take::query()->find($this->take);
        $this->assertSame([TakeState::Failed, false], [$take->state, $take->chosen]);
        $this->assertStringContainsString('paused from beginning to end', $take->trouble);
        $this->getJson("/api/lessons/{$this->made->id}/programme")->assertOk()->assertJsonPath('length', 0);
    }

    public function test_what_a_killed_worker_had_begun_is_begun_again(): void
    {
        config(['queue.default' => 'database']);
        $pieces = self::pieces(2.0);
        $this->begin();
        foreach ($pieces as $number => $bytes) {
            $this->piece($number, $bytes);
        }
        $this->postJson("/api/takes/{$this->take}/finish", ['pieces' => count($pieces)])->assertOk();
        // A worker takes the job, and dies.
        DB::table('jobs')->update(['reserved_at' => now()->timestamp, 'attempts' => 1]);
        $this->artisan('queue:work', ['--once' => true, '--queue' => 'takes'])->assertSuccessful();
        $this->assertSame(TakeState::Preparing, Take::query()->find($this->take)->state);
        $this->artisan('jobs:tend', ['--at-start' => true])->assertSuccessful();
        $this->artisan('queue:work', ['--once' => true, '--queue' => 'takes'])->assertSuccessful();
        $this->assertSame(TakeState::Ready, Take::query()->find($this->take)->state);
    }

    public function test_later_takes_stand_beside_earlier_ones_and_one_is_chosen(): void
    {
        $first = $this->take($this->made, 'measure', 1);
        $second = $this->take($this->made, 'measure', 2);
        $this->postJson("/api/takes/{$first->id}/choose")->assertOk();
        $this->assertSame([true, false], [$first->fresh()->chosen, $second->fresh()->chosen]);
        $this->deleteJson("/api/takes/{$first->id}")->assertNoContent();
        $this->assertTrue($second->fresh()->chosen);
    }

    public function test_what_is_joined_is_exact_to_the_sample_and_does_not_click(): void
    {
        $take = $this->take($this->made, 'measure', 4);
        $ranges = [new SampleRange(1000, 50_001), new SampleRange(60_000, 60_500), new SampleRange(100_003, 190_000)];
        $joined = AudioEncoder::join([['file' => Files::local($take->path('sound.flac')), 'loudness' => -16.0, 'ranges' => $ranges]]);
        $this->assertSame(
            array_sum(array_map(static fn (SampleRange $range): int => $range->length(), $ranges)),
            AudioEncoder::length($joined),
        );
        $samples = array_values(unpack('s*', Program::run('ffmpeg', ['-v', 'error', '-i', $joined, '-f', 's16le', '-'])));
        // Around a join the sound fades to nothing and back: no step larger than the tone's own.
        $largest = 0;
        for ($index = 1; $index < count($samples); $index++) {
            $largest = max($largest, abs($samples[$index] - $samples[$index - 1]));
        }
        $tone = 2 * M_PI * 440 / 48000 * max(array_map(abs(...), $samples));
        $this->assertLessThan($tone * 1.3, $largest);
        $this->assertLessThan(60, abs($samples[49_001]));
    }

    public function test_a_correction_on_a_slide_shows_in_the_recorded_lesson(): void
    {
        $this->take($this->made, 'measure', 1);
        $document = self::document();
        $document['parts'][0]['slides'][0]['title'] = 'Corrected';
        $this->putJson("/api/lessons/{$this->made->id}", ['version' => 1, 'document' => $document])->assertOk();
        $this->assertStringContainsString(
            'Corrected',
            $this->getJson("/api/lessons/{$this->made->id}/programme")->json('slides.measure.svg'),
        );
        $document['parts'][0]['slides'][0]['steps'] = [$document['parts'][0]['slides'][0]['steps'][0]];
        $document['parts'][0]['slides'][0]['blocks'] = [];
        $this->putJson("/api/lessons/{$this->made->id}", ['version' => 2, 'document' => $document])->assertOk();
        $this->getJson("/api/lessons/{$this->made->id}/programme")->assertOk()->assertJsonCount(1, 'tracks.steps');
    }

    public function test_loudness_of_the_ebu_test_signal(): void
    {
        // EBU Tech 3341, test 1: a stereo sine of 1 kHz at −23.0 dBFS for 20 s reads −23.0 LUFS, give or take 0.1 (from memory).
        $signal = Files::temporary('wav');
        $tone = 'pow(10\\,-23/20)*sin(2*PI*1000*t)';
        SignalGenerator::write("aevalsrc=exprs={$tone}|{$tone}:s=48000:d=20", $signal);
        $this->assertEqualsWithDelta(-23.0, AudioEncoder::loudness($signal), 0.1);
        unlink($signal);
    }

    public function test_takes_of_different_loudness_are_brought_together(): void
    {
        $parts = [];
        foreach ([0.02, 0.3] as $volume) {
            $file = Files::temporary('flac');
            SignalGenerator::write("aevalsrc=exprs={$volume}*sin(2*PI*500*t):s=48000:d=4", $file, SignalGenerator::AS_TAKES);
            $parts[] = ['file' => $file, 'loudness' => AudioEncoder::loudness($file), 'ranges' => [new SampleRange(0, 192_000)]];
        }
        $this->assertGreaterThan(20, abs($parts[0]['loudness'] - $parts[1]['loudness']));
        $after = array_map(static fn (array $part): float => AudioEncoder::loudness(AudioEncoder::join([$part])), $parts);
        $this->assertEqualsWithDelta(-16, $after[0], 1);
        $this->assertEqualsWithDelta(-16, $after[1], 1);
    }

    public function test_the_practice_voice_speaks_longer_for_a_longer_script(): void
    {
        $length = static fn (string $script): int => AudioEncoder::length(PracticeVoice::speak($script));
        $this->assertGreaterThan(
            2 * $length('Short.'),
            $length('This is a much longer line, with many more words in it than the other one.'),
        );
        $this->assertGreaterThan(0, $length(''));
        $this->postJson("/api/lessons/{$this->made->id}/voice", ['script' => '3 × 4 = 12; rm -rf "$HOME"'])
            ->assertOk()
            ->assertHeader('Content-Type', 'audio/wav');
    }

    private function begin(): void
    {
        $this->putJson(
            "/api/lessons/{$this->made->id}/takes/{$this->take}",
            ['slide' => 'measure', 'source' => 'microphone'],
        )->assertSuccessful();
    }

    /**
     * @param  list<array<string, mixed>>  $events
     * @return TestResponse<Response>
     */
    private function piece(int $number, string $bytes, array $events = []): TestResponse
    {
        return $this->post(
            "/api/takes/{$this->take}/pieces/{$number}",
            [
                '_method' => 'PUT',
                'sound' => UploadedFile::fake()->createWithContent('piece.webm', $bytes),
                'sha256' => hash('sha256', $bytes),
                'events' => json_encode($events),
            ],
            ['Accept' => 'application/json'],
        );
    }

    /** @return list<string> a WebM recording in twelve pieces */
    private static function pieces(float $seconds): array
    {
        $file = Files::temporary('webm');
        SignalGenerator::write(
            "sine=frequency=300:duration={$seconds}",
            $file,
            ['-c:a', 'libopus', '-b:a', '64k', '-cluster_time_limit', '400'],
        );
        $bytes = (string) file_get_contents($file);
        unlink($file);

        return str_split($bytes, (int) ceil(strlen($bytes) / 12));
    }
}
