<?php

declare(strict_types=1);

namespace Tests\App;

use App\Adapters\Files;
use App\Adapters\Program;
use App\Adapters\Sound\AudioEncoder;
use App\Adapters\Video\VideoChoice;
use App\Adapters\Video\VideoMaker;
use App\Clips\ClipStore;
use App\Jobs\MakeRelease;
use App\Jobs\PrepareClip;
use App\Lessons\ReleaseStore;
use App\Models\ClipState;
use App\Models\IncomingClip;
use App\Models\MediaFile;
use App\Models\User;
use Daybright\Recording\Clock;
use Daybright\Recording\VideoStretch;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;

class ClipTest extends TestCase
{
    private const ID = 'abcdefghijklmnopqrstuv';

    /** Red for a second and a half, then blue, with a quiet tone: 320 by 240. */
    private const FILM = [
        '-f', 'lavfi', '-i', 'color=red:size=320x240:rate=10:duration=1.5[r];color=blue:size=320x240:rate=10:duration=1.5[b];[r][b]concat',
        '-f', 'lavfi', '-i', 'sine=frequency=440:duration=3',
    ];

    private User $rowan;

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->rowan = $this->teacher());
    }

    /** @return iterable<string, array{string, list<string>, string}> */
    public static function files(): iterable
    {
        $device = [
            '-metadata', 'location=+51.5-000.1/', '-metadata', 'make=A camera', '-movflags', 'use_metadata_tags',
        ];
        $film = [...self::FILM, '-shortest'];
        $sound = ['-f', 'lavfi', '-i', 'sine=frequency=440:duration=2', '-metadata', 'artist=Somebody'];
        yield 'MP4' => ['mp4', [...$film, '-c:v', 'libx264', '-pix_fmt', 'yuv444p', '-c:a', 'aac', ...$device], 'video/mp4'];
        yield 'MOV' => ['mov', [...$film, '-c:v', 'mpeg4', '-c:a', 'pcm_s16le', ...$device], 'video/mp4'];
        yield 'WebM' => ['webm', [...$film, '-c:v', 'libvpx', '-deadline', 'realtime', '-c:a', 'libopus'], 'video/mp4'];
        yield 'MP3' => ['mp3', $sound, 'audio/mp4'];
        yield 'M4A' => ['m4a', [...$sound, '-c:a', 'aac'], 'audio/mp4'];
        yield 'WAV' => ['wav', $sound, 'audio/mp4'];
        yield 'OGG' => ['ogg', [...$sound, '-c:a', 'libvorbis'], 'audio/mp4'];
    }

    /**
     * Judged by ffprobe: H.264 in 4:2:0 and AAC in MP4, which every browser of today plays (common practice).
     *
     * @param  list<string>  $written
     */
    #[DataProvider('files')]
    public function test_whatever_device_it_comes_from_every_browser_plays_it(string $ending, array $written, string $type): void
    {
        $clip = $this->sent(self::made($ending, $written));
        $this->assertSame(ClipState::Ready, $clip->state, (string) $clip->trouble);
        $this->assertSame($type, $clip->medium['type'] ?? null);
        $file = MediaFile::local($clip->medium['sha256']);
        $probe = json_decode(Program::run('ffprobe', ['-v', 'error', '-show_streams', '-show_format', '-of', 'json', $file]), true);
        $codecs = array_column($probe['streams'], 'codec_name');
        $this->assertSame($type === 'video/mp4' ? ['h264', 'aac'] : ['aac'], $codecs);
        $this->assertSame($type === 'video/mp4' ? 'yuv420p' : null, $probe['streams'][0]['pix_fmt'] ?? null);
        $this->assertEqualsWithDelta($type === 'video/mp4' ? 3.0 : 2.0, $clip->medium['seconds'], 0.15);
        $this->assertSame([], array_diff(array_keys($probe['format']['tags']), ['major_brand', 'minor_version', 'compatible_brands']));
        $this->assertEqualsWithDelta(-16.0, AudioEncoder::loudness($file), 1.0);
        $this->assertMatchesRegularExpression('/^[0-9]{20,120}$/', $clip->medium['wave']);
        $this->assertSame($type === 'video/mp4', $clip->poster !== null);
        $this->assertFalse(Storage::exists($clip->folder().'/000000'), 'what was sent is kept no longer');
    }

    public function test_its_limit_is_told_before_anything_is_sent_and_held(): void
    {
        $bounds = $this->getJson('/api/clips')->assertOk()->json();
        $this->assertSame([200_000_000, 900], [$bounds['bytes'], $bounds['seconds']]);
        $begin = fn (int $bytes): TestResponse => $this->postJson('/api/clips', ['id' => self::ID, 'name' => 'a.mp4', 'bytes' => $bytes]);
        $this->assertStringContainsString('200 MB', $begin($bounds['bytes'] + 1)->assertUnprocessable()->json('detail'));
        $begin($bounds['bytes'])->assertOk();
        config(['daybright.largest_clip' => ClipStore::PIECE]);
        $this->piece(0, 'first')->assertOk();
        $this->piece(2, 'third')->assertUnprocessable();
        $this->postJson('/api/clips/'.self::ID.'/finish', ['pieces' => 1_000_000])->assertUnprocessable();
    }

    public function test_pieces_come_in_any_order_and_twice_and_missing_ones_are_asked_for(): void
    {
        Queue::fake();
        $this->begin();
        foreach ([2, 0, 0] as $number) {
            $this->piece($number, "piece {$number}")->assertOk();
        }
        $this->piece(1, 'damaged', hash('sha256', 'whole'))->assertUnprocessable();
        $this->postJson('/api/clips/'.self::ID.'/finish', ['pieces' => 3])->assertStatus(202)->assertJsonPath('missing', [1]);
        Queue::assertNothingPushed();
        $this->piece(1, 'piece 1')->assertOk();
        $this->postJson('/api/clips/'.self::ID.'/finish', ['pieces' => 3])->assertOk()->assertJsonPath('clip.state', 'preparing');
        $this->postJson('/api/clips/'.self::ID.'/finish', ['pieces' => 3])->assertOk();
        Queue::assertPushed(PrepareClip::class, 1);
        $this->piece(1, 'piece 1')->assertOk();
        $this->assertSame('piece 1', Storage::get(IncomingClip::query()->findOrFail(self::ID)->folder().'/000001'));
        $this->begin()->assertOk()->assertJsonPath('state', 'preparing');
    }

    public function test_what_was_filmed_before_the_page_died_is_used(): void
    {
        // As a browser films: what comes first says nothing of the length.
        $film = self::made('webm', [...self::FILM, '-c:v', 'libvpx', '-deadline', 'realtime', '-c:a', 'libopus', '-live', '1']);
        $bytes = str_split((string) file_get_contents($film), (int) ceil(filesize($film) / 4));
        $this->begin();
        foreach ([0, 1, 3] as $number) {
            $this->piece($number, $bytes[$number]);
        }
        $this->postJson('/api/clips/'.self::ID.'/finish', ['pieces' => null])->assertOk();
        $clip = IncomingClip::query()->findOrFail(self::ID);
        $this->assertSame([ClipState::Ready, 2], [$clip->state, $clip->pieces], (string) $clip->trouble);
        $this->assertEqualsWithDelta(1.5, $clip->medium['seconds'] ?? 0, 0.6);
        $this->begin();
        $this->deleteJson('/api/clips/'.self::ID);
        $this->begin();
        $this->postJson('/api/clips/'.self::ID.'/finish', ['pieces' => 0])->assertUnprocessable();
    }

    public function test_a_file_that_is_no_clip_or_leads_elsewhere_gives_a_sentence_and_changes_nothing(): void
    {
        $secret = Files::temporaryWith('secret', 'txt');
        $hostile = [
            'noise' => random_bytes(20_000),
            'a list of files' => "ffconcat version 1.0\nfile '{$secret}'\n",
            'a playlist' => "#EXTM3U\n#EXT-X-TARGETDURATION:3\n#EXTINF:3,\nfile://{$secret}\n#EXT-X-ENDLIST\n",
            'a picture' => (string) file_get_contents(self::made('png', ['-f', 'lavfi', '-i', 'color=red:size=8x8', '-frames:v', '1'])),
            'a page' => '<html><body onload="alert(1)">',
            'half a film' => substr((string) file_get_contents(self::made('mp4', [...self::FILM, '-c:a', 'aac'])), 0, 3000),
        ];
        foreach ($hostile as $what => $bytes) {
            $clip = $this->sent(Files::temporaryWith($bytes, 'mp4'));
            $this->assertSame(ClipState::Failed, $clip->state, $what);
            $this->assertStringContainsString('no film or sound', (string) $clip->trouble, $what);
        }
        $this->assertSame(0, MediaFile::query()->count());
    }

    public function test_one_that_is_stopped_while_it_is_made_ready_leaves_nothing(): void
    {
        $film = self::made('mp4', [...self::FILM, '-c:a', 'aac']);
        IncomingClip::updating(static function (IncomingClip $clip): void {
            if ($clip->state === ClipState::Ready) {
                self::fail('It was made ready all the same.');
            }
        });
        Queue::fake();
        $clip = $this->sent($film);
        $this->deleteJson('/api/clips/'.self::ID)->assertNoContent();
        $this->app->call([new PrepareClip($clip->id), 'handle']);
        $this->assertSame([0, 0], [IncomingClip::query()->count(), MediaFile::query()->count()]);
        $this->assertSame([], Storage::allFiles($clip->folder()));
    }

    public function test_a_clip_that_no_job_is_going_to_make_ready_is_taken_up_again(): void
    {
        config(['queue.default' => 'database']);
        $clip = $this->sent(self::made('mp3', ['-f', 'lavfi', '-i', 'sine=duration=1']));
        $this->assertDatabaseCount('jobs', 1);
        DB::table('jobs')->delete();
        $this->artisan('jobs:tend')->assertSuccessful();
        $this->assertDatabaseCount('jobs', 1);
        $this->assertSame(ClipState::Preparing, $clip->state);
    }

    public function test_one_that_is_ready_waits_for_its_lesson_to_be_opened(): void
    {
        $clip = $this->sent(self::made('mp4', [...self::FILM, '-c:a', 'aac']));
        $this->travel(3)->days();
        $this->artisan('media:tidy')->assertSuccessful();
        $this->assertFileExists(MediaFile::local($clip->medium['sha256'] ?? ''));
        $this->assertFileExists(MediaFile::local($clip->poster['sha256'] ?? ''));
        $this->travel(40)->days();
        $this->artisan('media:tidy')->assertSuccessful();
        $this->assertSame([0, 0], [IncomingClip::query()->count(), MediaFile::query()->count()]);
    }

    public function test_captions_are_read_and_a_picture_is_taken_out_of_the_film(): void
    {
        $this->postJson('/api/captions', ['text' => "WEBVTT\n\n00:01.000 --> 00:02.500\nMorning.\n"])->assertOk()
            ->assertExactJson(['captions' => [['from' => 1, 'to' => 2.5, 'text' => 'Morning.']]]);
        $this->postJson('/api/captions', ['text' => 'Morning.'])->assertUnprocessable();
        $clip = $this->sent(self::made('mp4', [...self::FILM, '-c:a', 'aac']));
        $asked = ['sha256' => $clip->medium['sha256'] ?? '', 'at' => 0];
        $still = fn (float $at): array => $this->postJson('/api/clips/stills', ['at' => $at] + $asked)->assertCreated()->json();
        $this->assertSame([320, 240], [$still(0)['width'], $still(0)['height']]);
        $colour = static fn (array $medium): int => imagecolorat(imagecreatefromjpeg(MediaFile::local($medium['sha256'])), 100, 100);
        $this->assertGreaterThan(200, $colour($still(0.5)) >> 16 & 255);
        $this->assertGreaterThan(200, $colour($still(99)) & 255);
        $this->actingAs($this->teacher('Sol'))->postJson('/api/clips/stills', $asked)->assertNotFound();
    }

    public function test_it_stands_in_its_place_in_the_video_with_its_sound_and_its_captions(): void
    {
        $clip = $this->sent(self::made('mp4', [...self::FILM, '-c:a', 'aac']));
        $lesson = $this->lesson($this->rowan, self::withClip($clip->medium));
        $this->take($lesson, 'measure');
        $release = (new ReleaseStore)->begin($lesson);
        MakeRelease::dispatchSync($release->id);
        $release->refresh();
        $made = $this->app->make(VideoMaker::class)->make($release, new VideoChoice, static function (): void {
        });

        // The step is spoken for a second and a half; then come two seconds of the clip, and the question’s five.
        $frozen = $release->frozen();
        $starts = $frozen->video()->waits()[0] / Clock::RATE;
        $this->assertEqualsWithDelta(1.5 + VideoStretch::FRAME / Clock::RATE, $starts, 0.05);
        $this->assertEqualsWithDelta(3.0 + 2.0 + 5.0, $frozen->full / 1000, 0.2);
        $this->assertGreaterThan(200, self::colourAt($made, $starts + 0.3)['red']);
        $this->assertGreaterThan(200, self::colourAt($made, $starts + 1.5)['blue']);
        $slide = self::colourAt($made, $starts - 0.3);
        $this->assertLessThan(100, max($slide['red'], $slide['blue']), 'the card of the clip on its slide');
        $this->assertSame($slide, self::colourAt($made, $starts + 2.5), 'the slide again while students try');
        $this->assertGreaterThan(-30.0, self::loudnessOf($made, $starts + 0.2, 1.5));
        $captions = Program::run('ffmpeg', ['-v', 'error', '-i', $made, '-map', '0:s:0', '-f', 'webvtt', '-']);
        $this->assertStringContainsString('Red and then blue.', $captions);

        $sent = $this->get("/api/media/{$clip->medium['sha256']}", ['Range' => 'bytes=0-99']);
        $sent->assertStatus(206)->assertHeader('Content-Type', 'video/mp4');
        $played = $this->getJson("/api/releases/{$release->id}")->assertOk()->json('pauses.0.clip');
        $this->assertSame("/api/media/{$clip->medium['sha256']}", $played['file']);
    }

    public function test_it_goes_with_its_lesson_into_an_archive_and_comes_out_as_it_was(): void
    {
        $clip = $this->sent(self::made('mp4', [...self::FILM, '-c:a', 'aac']));
        $lesson = $this->lesson($this->rowan, self::withClip($clip->medium));
        $archive = self::downloaded($this->get("/api/lessons/{$lesson->id}/files/archive"));
        $this->actingAs($this->teacher('Sol'));
        $brought = $this->post('/api/lessons/import', ['file' => new UploadedFile($archive, 'lesson.zip', test: true)]);
        $brought->assertCreated();
        $medium = $this->getJson('/api/lessons/'.$brought->json('id'))->assertOk()->json('document.media.clip');
        $this->assertSame($clip->medium['sha256'], $medium['sha256']);
        $this->get("/api/media/{$medium['sha256']}")->assertOk();
    }

    /** @param  list<string>  $options */
    private static function made(string $ending, array $options): string
    {
        $file = Files::temporary($ending);
        Program::run('ffmpeg', ['-v', 'error', '-y', ...$options, $file]);

        return $file;
    }

    private function sent(string $file): IncomingClip
    {
        IncomingClip::query()->delete();
        $pieces = str_split((string) file_get_contents($file), ClipStore::PIECE);
        $this->begin();
        foreach ($pieces as $number => $bytes) {
            $this->piece($number, $bytes)->assertOk();
        }
        $this->postJson('/api/clips/'.self::ID.'/finish', ['pieces' => count($pieces)])->assertOk();

        return IncomingClip::query()->findOrFail(self::ID);
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function begin(): TestResponse
    {
        return $this->postJson('/api/clips', ['id' => self::ID, 'name' => 'gate.mp4', 'bytes' => 1000]);
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function piece(int $number, string $bytes, ?string $sha256 = null): TestResponse
    {
        return $this->put('/api/clips/'.self::ID."/pieces/{$number}", [
            'piece' => UploadedFile::fake()->createWithContent('piece', $bytes),
            'sha256' => $sha256 ?? hash('sha256', $bytes),
        ], ['Accept' => 'application/json']);
    }

    /**
     * @param  array<string, mixed>|null  $medium
     * @return array<string, mixed>
     */
    private static function withClip(?array $medium): array
    {
        $document = self::document();
        $document['media'] = ['clip' => ['description' => 'Red, then blue.'] + ($medium ?? [])];
        array_unshift($document['parts'][0]['slides'][0]['blocks'], [
            'id' => 'clip-block',
            'kind' => 'clip',
            'region' => 'main',
            'step' => 'measure-1',
            'reveals' => (object) [],
            'content' => [
                'medium' => 'clip', 'title' => 'Two colours', 'from' => 0.5, 'to' => 2.5,
                'captions' => [['from' => 0.6, 'to' => 2.4, 'text' => 'Red and then blue.']],
            ],
        ]);

        return $document;
    }

    /** @return array{red: int, green: int, blue: int} in the middle of the picture at a second */
    private static function colourAt(string $video, float $second): array
    {
        $pixel = Program::run('ffmpeg', [
            '-v', 'error', '-i', $video, '-frames:v', '1', '-vf',
            // A picture stays until the next one comes: of each twentieth of a second there is one then.
            sprintf('fps=20,select=gte(t\,%.3F),crop=2:2,scale=1:1,format=rgb24', $second), '-f', 'rawvideo', '-',
        ]);

        return ['red' => ord($pixel[0]), 'green' => ord($pixel[1]), 'blue' => ord($pixel[2])];
    }

    private static function loudnessOf(string $video, float $from, float $seconds): float
    {
        $cut = Files::temporary('wav');
        $part = ['-ss', sprintf('%.3F', $from), '-t', sprintf('%.3F', $seconds)];
        Program::run('ffmpeg', ['-v', 'error', '-y', ...$part, '-i', $video, '-vn', $cut]);

        return AudioEncoder::loudness($cut);
    }
}
