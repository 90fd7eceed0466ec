<?php

declare(strict_types=1);

namespace Tests\App;

use App\Adapters\Files;
use App\Adapters\Program;
use App\Adapters\Video\MatroskaWriter;
use App\Adapters\Video\Rasteriser;
use App\Adapters\Video\VideoChoice;
use App\Adapters\Video\VideoMaker;
use App\Formats\Archive\ArchiveWriter;
use App\Formats\LessonIntake;
use App\Jobs\MakeExport;
use App\Jobs\MakeRelease;
use App\Lessons\ReleaseStore;
use App\Models\Export;
use App\Models\ExportState;
use App\Models\Lesson;
use App\Models\Release;
use App\Models\User;
use Daybright\Deck\SlidePainter;
use Daybright\Format\WebVtt;
use Daybright\Scene\SvgWriter;
use DomainException;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use PHPUnit\Framework\Attributes\DataProvider;
use RuntimeException;
use ZipArchive;

class TakeAwayTest extends TestCase
{
    public function test_the_video_has_streams_length_chapters_and_captions_of_the_programme(): void
    {
        $release = $this->release();
        $made = $this->app->make(VideoMaker::class)->make($release, new VideoChoice, static function (): void {
        });
        $seen = json_decode(
            Program::run('ffprobe', ['-v', 'error', '-show_streams', '-show_chapters', '-show_format', '-of', 'json', $made]),
            true,
        );
        $streams = array_column($seen['streams'], null, 'codec_name');
        $this->assertSame([1280, 720], [$streams['h264']['width'], $streams['h264']['height']]);
        $this->assertArrayHasKey('aac', $streams);
        $this->assertArrayHasKey('mov_text', $streams);
        $this->assertEqualsWithDelta(12.0, $release->frozen()->full / 1000, 1e-9);
        $length = $release->frozen()->video()->length() / 48000;
        $this->assertEqualsWithDelta($length, (float) $seen['format']['duration'], 0.002);
        $this->assertEqualsWithDelta($length, (float) $streams['h264']['duration'], 0.002);
        $this->assertEqualsWithDelta($length, (float) $streams['aac']['duration'], 0.0001);
        $this->assertSame(
            ['Measure', 'Why'],
            array_map(static fn (array $chapter): string => $chapter['tags']['title'], $seen['chapters']),
        );
        $this->assertEqualsWithDelta(7.0, (float) $seen['chapters'][1]['start_time'], 0.05);
        $this->assertStringContainsString('The second line.', WebVtt::write($release->frozen()->videoCaptions()));
        // The second step of the first slide is told after a frame of silence, one second of voice and five of waiting.
        $this->assertStringContainsString(
            "00:00:06.021 --> 00:00:07.021\nThe second line.",
            WebVtt::write($release->frozen()->videoCaptions()),
        );
    }

    public function test_the_sound_alone_has_chapters_and_no_waits(): void
    {
        $release = $this->release();
        $this->actingAs($release->lesson->user);
        $file = self::downloaded($this->get("/api/lessons/{$release->lesson_id}/files/m4a")->assertOk());
        $seen = json_decode(
            Program::run('ffprobe', ['-v', 'error', '-show_streams', '-show_chapters', '-show_format', '-of', 'json', $file]),
            true,
        );
        $this->assertSame(['aac'], array_values(array_filter(
            array_column($seen['streams'], 'codec_name'),
            static fn (string $codec): bool => $codec !== 'bin_data',
        )));
        $this->assertSame($release->frozen()->title, $seen['format']['tags']['title']);
        $this->assertEqualsWithDelta($release->frozen()->length / 1000, (float) $seen['format']['duration'], 0.1);
        $this->assertSame(
            [['Measure', 0.0], ['Why', $release->frozen()->chapters[1]->at / 1000]],
            array_map(
                static fn (array $chapter): array => [$chapter['tags']['title'], round((float) $chapter['start_time'], 3)],
                $seen['chapters'],
            ),
        );
    }

    public function test_frames_of_the_video_are_the_scenes(): void
    {
        $release = $this->release();
        $made = $this->app->make(VideoMaker::class)->make($release, new VideoChoice, static function (): void {
        });
        foreach ([[0.5, 'measure', 0], [6.5, 'measure', 1], [11.8, 'why', 1]] as [$at, $slide, $step]) {
            $frame = self::frame($made, $at);
            $same = self::difference($frame, $this->picture($release, $slide, $step));
            $other = self::difference($frame, $this->picture($release, $slide === 'why' ? 'measure' : 'why', $step));
            $this->assertLessThan(0.6, $same, "at {$at} s");
            $this->assertGreaterThan(2 * $same, $other);
        }
        // During a pause the countdown lies over the lower right corner, and the answer does not show.
        $waiting = self::frame($made, 3.5);
        $before = $this->picture($release, 'measure', 0);
        $this->assertLessThan(2.0, self::difference(substr($waiting, 0, 1280 * 590), substr($before, 0, 1280 * 590)));
        $this->assertGreaterThan(20, abs(ord($waiting[1280 * 620 + 900]) - ord($before[1280 * 620 + 900])));
    }

    public function test_ink_is_on_the_frames_after_it_was_drawn_and_gone_after_a_wipe(): void
    {
        $stroke = [
            'kind' => 'ink',
            'at' => 200,
            'tool' => 'pen',
            'colour' => '#B3261E',
            'width' => 20,
            'points' => [[0, 200.0, 800.0], [200, 600.0, 800.0]],
        ];
        $release = $this->release([$stroke, ['kind' => 'wipe', 'at' => 700]]);
        $made = $this->app->make(VideoMaker::class)->make($release, new VideoChoice, static function (): void {
        });
        $spot = 1280 * 640 + 320;
        $paper = ord(self::frame($made, 0.1)[$spot]);
        $this->assertGreaterThan(60, $paper - ord(self::frame($made, 0.55)[$spot]));
        $this->assertLessThan(6, abs($paper - ord(self::frame($made, 0.9)[$spot])));
    }

    public function test_a_video_is_made_on_the_queue_can_be_stopped_and_says_when_it_fails(): void
    {
        $release = $this->release();
        $this->actingAs($release->lesson->user);
        $export = $this->postJson("/api/releases/{$release->id}/exports")->assertCreated()->json('id');
        $this->getJson("/api/exports/{$export}")->assertJsonPath('state', 'ready')->assertJsonPath('progress', 1);
        $this->get("/api/exports/{$export}/file")->assertOk()->assertDownload('Shadows.mp4');
        $stopped = Export::factory()->for($release)->create();
        $this->deleteJson("/api/exports/{$stopped->id}")->assertJsonPath('state', 'cancelled');
        MakeExport::dispatchSync($stopped->id);
        $this->assertSame(ExportState::Cancelled, $stopped->fresh()->state);
        config(['daybright.programs.ffmpeg' => '/bin/false']);
        $failing = Export::factory()->for($release)->create();
        try {
            MakeExport::dispatchSync($failing->id);
            $this->fail('a failing encoder went unnoticed');
        } catch (RuntimeException $error) {
            (new MakeExport($failing->id))->failed($error);
        }
        $this->assertStringContainsString('Make it again', $failing->fresh()->trouble);
        $this->assertFalse(Storage::exists($failing->path('file.mp4')));
    }

    public function test_the_archive_round_trip_gives_the_same_lesson_to_the_byte(): void
    {
        $teacher = $this->teacher();
        $lesson = $this->lesson($teacher, $this->documentWithPicture($teacher));
        $this->take($lesson, 'measure', 1);
        $this->take($lesson, 'why', 1)->update(['cuts' => [['from' => 100, 'to' => 200]]]);
        $first = self::archive($lesson);
        $again = $this->app->make(LessonIntake::class)->bringIn($this->teacher('Sol'), $first, 'lesson.zip')->lesson;
        $second = self::archive($again);
        $this->assertSame(self::contents($first), self::contents($second));
        $this->assertEquals((string) $lesson->document(), (string) $again->document());
        $this->assertCount(6, self::contents($first));
        $this->actingAs($teacher)->post(
            '/api/lessons/import',
            ['file' => new UploadedFile($first, 'lesson.zip', null, null, true)],
            ['Accept' => 'application/json'],
        )->assertCreated();
    }

    /** @return iterable<string, array{callable(string): mixed, string}> */
    public static function hostileArchives(): iterable
    {
        $change = static fn (callable $work): callable => static function (string $path) use ($work): void {
            $zip = new ZipArchive;
            $zip->open($path);
            $work($zip);
            $zip->close();
        };
        yield 'cut short' => [
            static fn (string $path) => file_put_contents($path, substr((string) file_get_contents($path), 0, 2000)),
            'cut short',
        ];
        yield 'no archive' => [static fn (string $path) => file_put_contents($path, 'hello'), 'not a whole lesson archive'];
        yield 'a path that climbs' => [
            $change(static fn (ZipArchive $zip) => $zip->addFromString('../../evil.php', 'x')),
            'does not belong',
        ];
        yield 'a file that does not belong' => [
            $change(static fn (ZipArchive $zip) => $zip->addFromString('takes/1/run.sh', 'x')),
            'does not belong',
        ];
        yield 'huge when unpacked' => [
            $change(static fn (ZipArchive $zip) => $zip->addFromString('takes/9/take.json', str_repeat(' ', 21_000_000))),
            'far too large',
        ];
        yield 'no lesson' => [$change(static fn (ZipArchive $zip) => $zip->deleteName('lesson.json')), 'missing or damaged'];
        yield 'a wrong type' => [$change(static fn (ZipArchive $zip) => $zip->addFromString('lesson.json', '{"title":5}')), 'not in order'];
        yield 'signs that no picture can hold' => [
            $change(static fn (ZipArchive $zip) => $zip->addFromString('lesson.json', '{"title":"\\ud800"}')),
            'missing or damaged',
        ];
        yield 'a picture with other bytes' => [$change(static function (ZipArchive $zip): void {
            for ($index = 0; $index < $zip->numFiles; $index++) {
                if (str_starts_with((string) $zip->getNameIndex($index), 'pictures/')) {
                    $zip->addFromString((string) $zip->getNameIndex($index), 'other');
                }
            }
        }), 'damaged'];
        yield 'a take without sound' => [$change(static fn (ZipArchive $zip) => $zip->deleteName('takes/1/sound.flac')), 'missing'];
        yield 'a take with broken sound' => [
            $change(static fn (ZipArchive $zip) => $zip->addFromString('takes/1/sound.flac', 'noise')),
            'damaged',
        ];
        $withTake = static fn (array $fields): callable => $change(static function (ZipArchive $zip) use ($fields): void {
            $take = json_decode((string) $zip->getFromName('takes/1/take.json'), true);
            $zip->addFromString('takes/1/take.json', (string) json_encode($fields + $take));
        });
        yield 'a take with wrong events' => [$withTake(['events' => [['kind' => 'run']]]), 'not in order'];
        yield 'a take with a list for its source' => [$withTake(['source' => ['practice']]), 'not in order'];
        yield 'a take with a sign for a peak' => [$withTake(['waveform' => [1, 'loud']]), 'not in order'];
        yield 'a take with a cut that ends before it begins' => [
            $withTake(['cuts' => [['from' => 9, 'to' => 5]]]),
            'ends before it begins',
        ];
    }

    #[DataProvider('hostileArchives')]
    public function test_a_damaged_or_hostile_archive_is_refused_and_changes_nothing(callable $spoil, string $sentence): void
    {
        $teacher = $this->teacher();
        $lesson = $this->lesson($teacher, $this->documentWithPicture($teacher));
        $this->take($lesson, 'measure', 0.5);
        $path = self::archive($lesson);
        $spoil($path);
        $files = Storage::allFiles();
        try {
            $this->app->make(LessonIntake::class)->bringIn($teacher, $path, 'lesson.zip');
            $this->fail('the archive was taken');
        } catch (DomainException $error) {
            $this->assertStringContainsString($sentence, $error->getMessage());
        }
        $this->assertSame(1, Lesson::query()->count());
        $this->assertSame($files, Storage::allFiles());
    }

    public function test_the_shell_commands_read_and_write_json(): void
    {
        $run = static fn (string $command, string $input): array => json_decode(
            shell_exec('printf %s '.escapeshellarg($input).' | '.PHP_BINARY.' '.escapeshellarg(base_path('artisan')).' '.$command),
            true,
        );
        $this->assertSame('420', $run('maths:check', '{"text":"14 × 30 = 450"}')['equalities'][0]['correction']);
        $figure = $run('figure:draw', '{"figure":"solid","quantities":{"mode":"edges","length":"6","width":"4","height":"3","unit":"cm"}}');
        $this->assertStringStartsWith('<svg', $figure['svg']);
        $this->assertSame("72\u{00A0}cm³", array_column($figure['facts'], 'written', 'name')['volume']);
        $this->assertArrayHasKey('error', $run('figure:draw', '{"figure":"cloud"}'));
        $findings = $run('lesson:check', (string) json_encode(self::document()))['findings'];
        $this->assertSame(['too-little-time', 'too-little-time', 'aim-left-out'], array_column($findings, 'rule'), 'the dearest first');
        $this->assertSame('content/seconds', $findings[0]['remedy']['changes'][0]['path']);
        $this->assertSame('The format is missing. Fill it in.', $run('lesson:check', '{"title":""}')['error']);
    }

    public function test_raw_pictures_are_written_as_matroska_that_others_can_read(): void
    {
        // RFC 9559 (Matroska): read back by ffprobe, which is not ours.
        $file = Files::temporary('mkv');
        $stream = fopen($file, 'wb');
        $writer = new MatroskaWriter(64, 36);
        foreach ($writer->stream(array_fill_keys([0, 40, 1500], str_repeat("\x80", 64 * 36 * 3 / 2))) as $piece) {
            fwrite($stream, $piece);
        }
        fclose($stream);
        $packets = json_decode(Program::run('ffprobe', ['-v', 'error', '-show_packets', '-show_streams', '-of', 'json', $file]), true);
        $this->assertSame(
            ['rawvideo', 64, 36, 'yuv420p'],
            [
                $packets['streams'][0]['codec_name'],
                $packets['streams'][0]['width'],
                $packets['streams'][0]['height'],
                $packets['streams'][0]['pix_fmt'],
            ],
        );
        $this->assertSame([0, 40, 1500], array_column($packets['packets'], 'pts'));
        unlink($file);
    }

    /** @param  list<array<string, mixed>>  $events beside the steps, on the first slide */
    private function release(array $events = []): Release
    {
        $lesson = $this->lesson($this->teacher());
        $take = $this->take($lesson, 'measure', 2);
        $take->update(['events' => [...$take->events, ...$events]]);
        $this->take($lesson, 'why', 1);
        $release = (new ReleaseStore)->begin($lesson);
        MakeRelease::dispatchSync($release->id);

        return $release->fresh();
    }

    /** @return array<string, mixed> */
    private function documentWithPicture(User $teacher): array
    {
        $medium = $this->actingAs($teacher)->postJson('/api/media', ['file' => UploadedFile::fake()->image('gate.png', 20, 10)])->json();

        return ['media' => ['gate' => ['description' => 'A gate.', 'credit' => 'Rowan', 'licence' => 'own'] + $medium]] + self::document();
    }

    /** @return array<string, string> name => sha256 of what is inside */
    private static function contents(string $path): array
    {
        $zip = new ZipArchive;
        $zip->open($path);
        $contents = [];
        for ($index = 0; $index < $zip->numFiles; $index++) {
            $contents[(string) $zip->getNameIndex($index)] = hash('sha256', (string) $zip->getFromIndex($index));
        }
        ksort($contents);

        return $contents;
    }

    /** The brightness of every point of a frame. */
    private static function frame(string $video, float $at): string
    {
        return substr(
            Program::run(
                'ffmpeg',
                [
                    '-v',
                    'error',
                    '-i',
                    $video,
                    '-vf',
                    "fps=25,trim=start={$at}",
                    '-frames:v',
                    '1',
                    '-pix_fmt',
                    'yuv420p',
                    '-f',
                    'rawvideo',
                    '-',
                ],
            ),
            0,
            1280 * 720,
        );
    }

    private function picture(Release $release, string $slide, int $step): string
    {
        $lesson = $release->read();
        $scene = $this->app->make(SlidePainter::class)->paint($lesson, $lesson->slide($slide))->at($step);
        $pictures = Rasteriser::rasterise([(new SvgWriter(static fn (string $medium): string => ''))->write($scene)]);

        return substr($pictures->picture(0), 0, 1280 * 720);
    }

    /** The mean difference of brightness, of 255. */
    private static function difference(string $one, string $other): float
    {
        $sum = 0;
        for ($index = 0; $index < strlen($one); $index += 7) {
            $sum += abs(ord($one[$index]) - ord($other[$index]));
        }

        return $sum / (strlen($one) / 7);
    }

    private static function archive(Lesson $lesson): string
    {
        return (new ArchiveWriter)->write($lesson, static function (): void {
        });
    }
}
