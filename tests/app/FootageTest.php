<?php

declare(strict_types=1);

namespace Tests\App;

use App\Adapters\Files;
use App\Adapters\Program;
use App\Adapters\Sound\SignalGenerator;
use App\Adapters\Video\VideoChoice;
use App\Adapters\Video\VideoMaker;
use App\Adapters\Video\VideoSegment;
use App\Models\Export;
use App\Models\Footage;
use App\Models\Lesson;
use App\Models\Release;
use App\Models\Take;
use App\Models\TakeState;
use App\Models\User;
use Daybright\Deck\Beside;
use Daybright\Deck\Format;
use Daybright\Scene\Box;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use Symfony\Component\HttpFoundation\Response;

/** What the camera sees while a take is recorded: kept, on its clock, cut with it, shown, and left out. */
final class FootageTest extends TestCase
{
    private const ID = 'zyxwvutsrqponmlkjihgfe';

    /** Milliseconds of the take at which the film begins, and seconds of the film at which it flashes for a fifth of one. */
    private const BEGINS = 640;

    private const FLASHES = [1.0, 2.2, 4.0];

    private User $rowan;

    private Lesson $made;

    private Take $take;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->rowan = $this->teacher());
        $this->made = $this->lesson($this->rowan);
        $this->take = Take::factory()->for($this->made)->sounding(6)->create();
        $this->take->update(['events' => [...$this->take->events ?? [],
            ['kind' => 'footage', 'at' => self::BEGINS, 'footage' => self::ID, 'source' => 'camera'],
            ['kind' => 'shown', 'at' => self::BEGINS, 'footage' => self::ID, 'place' => 'beside'],
            ['kind' => 'shown', 'at' => 4000, 'footage' => self::ID, 'place' => 'whole'],
        ]]);
    }

    public function test_pieces_arrive_in_any_order_and_the_film_is_on_the_clock_of_its_take(): void
    {
        $this->sendFilm();
        self::assertSame(TakeState::Ready, Footage::query()->findOrFail(self::ID)->state);
        $expected = array_map(static fn (float $at): float => $at + self::BEGINS / 1000, self::FLASHES);
        self::assertFlashes($expected, Files::local(Footage::query()->findOrFail(self::ID)->film()));
    }

    public function test_it_is_cut_as_the_sound_is_and_what_is_rounded_never_adds_up(): void
    {
        $this->sendFilm();
        // Ten short cuts, none of them a whole number of pictures.
        $cuts = array_map(static fn (int $number): array => [
            'from' => (int) (48 * (100 + $number * 137)), 'to' => (int) (48 * (147 + $number * 137)),
        ], range(0, 9));
        $this->putJson("/api/lessons/{$this->take->lesson_id}/editing", ['takes' => [$this->take->id => ['cuts' => $cuts]]])->assertOk();
        $film = $this->get("/api/takes/{$this->take->id}/footage/".self::ID.'/film')->assertOk()->baseResponse;
        self::assertInstanceOf(BinaryFileResponse::class, $film);
        $gone = static fn (float $at): float => array_sum(array_map(
            static fn (array $cut): float => max(0, min($at * 48_000, $cut['to']) - $cut['from']) / 48_000,
            $cuts,
        ));
        $expected = array_map(static function (float $flash) use ($gone): float {
            $at = $flash + self::BEGINS / 1000;

            return $at - $gone($at);
        }, self::FLASHES);
        self::assertFlashes($expected, $film->getFile()->getPathname());
    }

    public function test_the_class_and_the_video_see_it_where_it_was_shown(): void
    {
        $this->sendFilm();
        $release = Release::query()->findOrFail($this->postJson("/api/lessons/{$this->made->id}/releases")->assertCreated()->json('id'));
        $seen = $this->getJson("/api/releases/{$release->id}")->assertOk();
        self::assertSame([['beside', 640.0, 4000.0], ['whole', 4000.0, 6000.0]], array_map(
            static fn (array $filmed): array => [$filmed['place'], (float) $filmed['from'], (float) $filmed['to']],
            $seen->json('tracks.footage'),
        ));
        $address = $seen->json('films.'.self::ID);
        $this->get($address)->assertOk()->assertHeader('Content-Type', 'video/mp4');
        $export = $this->postJson("/api/releases/{$release->id}/exports", ['format' => 'mp4'])->assertCreated()->json('id');
        $video = Files::local(Export::query()->findOrFail($export)->path('file.mp4'));
        // The slide asks a question that waits for five seconds, from its second step on (at three seconds).
        $waited = 5.0;
        $full = static fn (float $at): float => $at < 3 ? $at : $at + $waited;
        [$first, $second, $third] = array_map(static fn (float $at): float => $full($at + self::BEGINS / 1000), self::FLASHES);
        $camera = Beside::camera(Format::Wide);
        self::assertFlashes([$first, $second], $video, $camera, 4000 / 1000, 0.7);
        self::assertFlashes([$third], $video, new Box(600, 400, 400, 200), null, 4000 / 1000 + $waited);
    }

    /** A film is encoded otherwise than slides, but what a decoder is told once, at the beginning, has to be true of both. */
    public function test_a_slide_with_a_film_and_one_without_are_joined_as_they_are(): void
    {
        $this->sendFilm();
        $this->take($this->made, 'why', 1.0);
        $release = Release::query()->findOrFail($this->postJson("/api/lessons/{$this->made->id}/releases")->assertCreated()->json('id'));
        $video = $this->app->make(VideoMaker::class)->make($release, new VideoChoice, static function (): void {
        });
        $segments = VideoSegment::of($release, new VideoChoice);
        self::assertSame([true, false], array_map(static fn (VideoSegment $segment): bool => $segment->isFilmed(), $segments));
        $files = array_map(static fn (VideoSegment $segment): string => Files::local($segment->pictures()), $segments);
        $told = array_map(static fn (string $file): string => Program::run('ffprobe', [
            '-v', 'error', '-show_data_hash', 'md5', '-show_entries', 'stream=extradata_hash', '-of', 'csv=p=0', $file,
        ]), $files);
        self::assertSame($told[0], $told[1]);
        $alone = array_map(self::pictures(...), $files);
        self::assertGreaterThan(100, count($alone[0]));
        self::assertSame(array_merge(...$alone), self::pictures($video));
    }

    public function test_it_can_be_left_out_later_and_brought_back(): void
    {
        $this->sendFilm();
        $address = "/api/takes/{$this->take->id}/footage/".self::ID.'/left-out';
        $shown = fn (): array => $this->getJson("/api/lessons/{$this->made->id}/programme")->assertOk()->json('tracks.footage') ?? [];
        self::assertCount(2, $shown());
        $this->putJson($address, ['leftOut' => true])->assertOk();
        self::assertSame([], $shown());
        $this->putJson($address, ['leftOut' => false])->assertOk();
        self::assertCount(2, $shown());
    }

    public function test_a_take_that_goes_on_from_another_keeps_what_was_filmed_up_to_there(): void
    {
        $this->sendFilm();
        $take = $this->recordedFrom($this->take, ['at' => 3 * 48_000]);
        $film = $take->footage()->sole();
        self::assertNotSame(self::ID, $film->id);
        self::assertSame(TakeState::Ready, $film->state);
        self::assertSame(
            [['footage', 640.0, null], ['shown', 640.0, 'beside'], ['shown', 3000.0, 'away']],
            self::filmEvents($take, $film),
        );
        // What was filmed after that is gone: the third flash was.
        $expected = array_map(static fn (float $at): float => $at + self::BEGINS / 1000, array_slice(self::FLASHES, 0, 2));
        self::assertFlashes($expected, Files::local($film->film()));
    }

    public function test_a_take_in_which_a_stretch_is_said_again_keeps_what_was_filmed_around_it(): void
    {
        $this->sendFilm();
        $take = $this->recordedFrom($this->take, ['at' => 2 * 48_000, 'until' => 150_000]);
        $film = $take->footage()->sole();
        $longer = ($take->length - 6 * 48_000) / 48_000;
        self::assertGreaterThan(0.5, $longer);
        self::assertSame(
            [['footage', 640.0, null], ['shown', 640.0, 'beside'], ['shown', round(4000 + 1000 * $longer, 1), 'whole']],
            self::filmEvents($take, $film),
        );
        // The second flash fell into what is said again.
        [$first, , $third] = array_map(static fn (float $at): float => $at + self::BEGINS / 1000, self::FLASHES);
        self::assertFlashes([$first, $third + $longer], Files::local($film->film()));
        // A take that is made ready once more has each film once.
        $take->update(['state' => TakeState::Failed]);
        $this->postJson("/api/takes/{$take->id}/prepare")->assertOk();
        self::assertSame($film->id, $take->footage()->sole()->id);
    }

    /**
     * A take of four seconds more.
     *
     * @param  array<string, int>  $from
     */
    private function recordedFrom(Take $earlier, array $from): Take
    {
        $id = str_repeat('n', 22);
        $this->putJson("/api/lessons/{$this->made->id}/takes/{$id}", [
            'slide' => $earlier->slide, 'source' => 'microphone', 'continues' => ['take' => $earlier->id] + $from,
        ])->assertSuccessful();
        $sound = Files::temporary('webm');
        SignalGenerator::write('sine=frequency=300:duration=4', $sound, ['-c:a', 'libopus', '-b:a', '64k']);
        $bytes = (string) file_get_contents($sound);
        $this->post("/api/takes/{$id}/pieces/0", [
            '_method' => 'PUT',
            'sound' => UploadedFile::fake()->createWithContent('piece', $bytes),
            'sha256' => hash('sha256', $bytes),
            'events' => json_encode([['kind' => 'show', 'at' => 0, 'slide' => $earlier->slide]]),
        ], ['Accept' => 'application/json'])->assertOk();
        $this->postJson("/api/takes/{$id}/finish", ['pieces' => 1])->assertOk();

        return Take::query()->findOrFail($id);
    }

    /** @return list<array{mixed, float, mixed}> */
    private static function filmEvents(Take $take, Footage $film): array
    {
        $own = array_filter($take->events ?? [], static fn (array $event): bool => ($event['footage'] ?? null) === $film->id);

        return array_values(array_map(
            static fn (array $event): array => [$event['kind'], (float) $event['at'], $event['place'] ?? null],
            $own,
        ));
    }

    public function test_who_may_send_what(): void
    {
        $this->putJson("/api/takes/{$this->take->id}/footage/".self::ID, ['source' => 'telescope'])->assertUnprocessable();
        $this->putJson("/api/takes/{$this->take->id}/footage/".self::ID, ['source' => 'camera'])->assertOk();
        $this->piece(0, 'some bytes', hash('sha256', 'other bytes'))->assertUnprocessable()
            ->assertJsonPath('detail', 'A piece of the film was damaged on its way. It will be sent again.');
        $this->piece(0, str_repeat('x', 3 * 1024 * 1024))->assertUnprocessable();
        $other = Take::factory()->for($this->made)->create();
        $this->post("/api/takes/{$other->id}/footage/".self::ID.'/finish', ['pieces' => 0])->assertNotFound();
        $this->actingAs($this->teacher('Ines'));
        $this->putJson("/api/takes/{$this->take->id}/footage/".self::ID, ['source' => 'camera'])->assertNotFound();
        $this->get("/api/takes/{$this->take->id}/footage/".self::ID.'/film')->assertNotFound();
    }

    public function test_what_cannot_be_read_is_told_and_the_take_stays(): void
    {
        $this->putJson("/api/takes/{$this->take->id}/footage/".self::ID, ['source' => 'camera'])->assertOk();
        $this->piece(0, 'this is no film')->assertOk();
        $this->postJson("/api/takes/{$this->take->id}/footage/".self::ID.'/finish', ['pieces' => 1])->assertOk();
        $footage = $this->getJson("/api/lessons/{$this->made->id}/takes")->assertOk()->json('0.footage.0');
        self::assertSame('failed', $footage['state']);
        self::assertStringContainsString('shown without it', $footage['trouble']);
        $this->getJson("/api/lessons/{$this->made->id}/programme")->assertOk()->assertJsonMissingPath('tracks.footage');
    }

    /** @return list<string> a hash of each picture, decoded */
    private static function pictures(string $video): array
    {
        $said = Program::run('ffmpeg', [
            '-v', 'error', '-xerror', '-i', $video, '-map', '0:v', '-fps_mode', 'passthrough', '-f', 'framehash', '-',
        ]);

        return preg_match_all('/^0,.*,\s*([0-9a-f]+)$/m', $said, $hashes) > 0 ? $hashes[1] : [];
    }

    private function sendFilm(): void
    {
        $this->putJson("/api/takes/{$this->take->id}/footage/".self::ID, ['source' => 'camera'])->assertOk();
        $pieces = str_split(self::film(), 20_000);
        $last = count($pieces) - 1;
        $this->piece($last, $pieces[$last])->assertOk();
        $missing = $this->postJson("/api/takes/{$this->take->id}/footage/".self::ID.'/finish', ['pieces' => count($pieces)])
            ->assertStatus(202)->json('missing');
        self::assertSame(range(0, $last - 1), $missing);
        foreach ($missing as $number) {
            $this->piece($number, $pieces[$number])->assertOk();
        }
        $this->postJson("/api/takes/{$this->take->id}/footage/".self::ID.'/finish', ['pieces' => count($pieces)])->assertOk();
    }

    /** @return TestResponse<Response> */
    private function piece(int $number, string $bytes, ?string $sha256 = null): TestResponse
    {
        return $this->post("/api/takes/{$this->take->id}/footage/".self::ID."/pieces/{$number}", [
            '_method' => 'PUT',
            'sha256' => $sha256 ?? hash('sha256', $bytes),
            'film' => UploadedFile::fake()->createWithContent('piece.webm', $bytes),
        ], ['Accept' => 'application/json']);
    }

    /** Five seconds as a browser films them, dark but for the flashes. */
    private static function film(): string
    {
        static $film = null;
        if ($film !== null) {
            return $film;
        }
        $file = Files::temporary('webm');
        $lit = implode('+', array_map(static fn (float $at): string => sprintf('between(t,%.2F,%.2F)', $at, $at + 0.19), self::FLASHES));
        SignalGenerator::write(
            "color=size=640x480:rate=25:duration=5,noise=alls=8:allf=t,drawbox=color=white:t=fill:enable='{$lit}'",
            $file,
            ['-c:v', 'libvpx', '-b:v', '900k', '-deadline', 'realtime', '-cpu-used', '8'],
        );
        $film = (string) file_get_contents($file);
        unlink($file);

        return $film;
    }

    /**
     * @param  list<float>  $expected seconds
     * @param  Box|null  $in part of the picture, in slide units
     */
    private static function assertFlashes(array $expected, string $video, ?Box $in = null, ?float $until = null, float $from = 0.0): void
    {
        $crop = $in === null ? '' : sprintf('crop=%d:%d:%d:%d,', $in->width * 0.8, $in->height * 0.8, $in->x * 0.8, $in->y * 0.8);
        $told = Program::run('ffmpeg', [
            '-v', 'error', '-i', $video, '-an',
            '-vf', "{$crop}scale=64:36,signalstats,metadata=print:key=lavfi.signalstats.YAVG:file=-", '-f', 'null', '-',
        ]);
        preg_match_all('/pts_time:([\d.]+)\s+lavfi.signalstats.YAVG=([\d.]+)/', $told, $found, PREG_SET_ORDER);
        $flashes = [];
        $isLit = false;
        foreach ($found as [, $at, $light]) {
            if (! $isLit && (float) $light > 150 && (float) $at >= $from && ($until === null || (float) $at < $until)) {
                $flashes[] = (float) $at;
            }
            $isLit = (float) $light > 150;
        }
        self::assertCount(count($expected), $flashes, implode(', ', $flashes).' instead of '.implode(', ', $expected));
        foreach ($expected as $number => $at) {
            self::assertEqualsWithDelta($at, $flashes[$number], 0.06, 'flash '.($number + 1));
        }
    }
}
