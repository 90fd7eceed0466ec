<?php

declare(strict_types=1);

namespace Tests\App;

use App\Adapters\Files;
use App\Adapters\Program;
use App\Adapters\Sound\AudioEncoder;
use App\Adapters\Video\CaptionPlace;
use App\Adapters\Video\VideoChoice;
use App\Adapters\Video\VideoMaker;
use App\Adapters\Video\VideoSegment;
use App\Adapters\Video\VideoShape;
use App\Jobs\MakeRelease;
use App\Lessons\LessonDocument;
use App\Lessons\LessonStore;
use App\Lessons\ReleaseParts;
use App\Lessons\ReleaseStore;
use App\Models\Lesson;
use App\Models\Release;
use App\Models\Take;
use Illuminate\Support\Facades\Storage;
use PHPUnit\Framework\Attributes\DataProvider;

/** Videos are put together out of segments, one a slide, each encoded once. */
final class VideoSegmentsTest extends TestCase
{
    private const RATE = 48000;

    public function test_the_joined_video_is_exact_has_a_key_frame_at_every_join_and_its_two_streams_end_together(): void
    {
        $lesson = $this->spoken(0.9, 1.37);
        $release = $this->shared($lesson);
        $video = $this->video($release);
        $stretches = $release->frozen()->video()->stretches;
        $seen = json_decode(Program::run('ffprobe', [
            '-v', 'error', '-show_entries', 'stream=codec_type,duration,start_time:packet=codec_type,pts_time,flags', '-of', 'json', $video,
        ]), true);
        $streams = array_column($seen['streams'], null, 'codec_type');
        $length = $release->frozen()->video()->length() / self::RATE;
        $this->assertEqualsWithDelta($length, (float) $streams['video']['duration'], 0.002);
        $this->assertEqualsWithDelta($length, (float) $streams['audio']['duration'], 0.0001);
        $this->assertEqualsWithDelta(0.0, (float) $streams['audio']['start_time'], 0.0001);
        $pictures = array_values(array_filter($seen['packets'], static fn (array $packet): bool => $packet['codec_type'] === 'video'));
        $times = array_map(static fn (array $packet): float => (float) $packet['pts_time'], $pictures);
        $sorted = $times;
        sort($sorted);
        $this->assertSame($sorted, $times);
        $this->assertSame($times, array_values(array_unique($times)));
        foreach ($stretches as $stretch) {
            $begins = round($stretch->begins / self::RATE, 3);
            $isFirst = static fn (array $packet): bool => abs((float) $packet['pts_time'] - $begins) < 0.0011;
            $first = array_values(array_filter($pictures, $isFirst));
            $this->assertCount(1, $first, "one picture begins at {$begins} s");
            $this->assertStringStartsWith('K', $first[0]['flags']);
        }
    }

    public function test_the_joined_sound_is_where_it_belongs_to_the_sample_and_silent_at_the_joins(): void
    {
        $release = $this->shared($this->spoken(0.7, 0.93));
        $heard = self::samples($this->video($release));
        $meant = [];
        foreach (VideoSegment::of($release, new VideoChoice) as $segment) {
            $pcm = AudioEncoder::segments([$segment->heard()], [$segment->waits()], 'pcm')()[0];
            array_push($meant, ...array_values((array) unpack('s*', (string) file_get_contents($pcm))));
        }
        $this->assertCount($release->frozen()->video()->length(), $meant);
        $this->assertCount(count($meant), $heard);
        foreach ($release->frozen()->video()->stretches as $number => $stretch) {
            $from = $stretch->begins + 4000;
            $this->assertSame(0, self::lag(array_slice($meant, $from, 8000), $heard, $from), "slide {$number}");
            foreach (array_slice($heard, max(0, $stretch->begins - 8), 512) as $sample) {
                $this->assertLessThan(60, abs($sample));
            }
        }
    }

    public function test_only_the_slide_that_was_corrected_is_encoded_again(): void
    {
        $lesson = $this->spoken(0.6, 0.6);
        $this->video($this->shared($lesson));
        $before = $this->kept($lesson);
        $this->assertCount(4, $before, 'pictures and sound of two slides');

        $this->retitled($lesson, 1);
        $corrected = $this->shared($lesson);
        $this->video($corrected);
        $this->assertCount(1, array_diff($this->kept($lesson), $before), 'the pictures of one of them');

        // A cut in the first slide moves all that comes after it, and changes nothing in it.
        $now = $this->kept($lesson);
        Take::query()->where('slide', 'measure')->firstOrFail()->update(['cuts' => [['from' => 1000, 'to' => 1777]]]);
        $this->video($this->shared($lesson));
        $this->assertCount(2, array_diff($this->kept($lesson), $now), 'pictures and sound of the slide that was cut');
    }

    public function test_a_sound_that_is_gone_is_made_again_without_its_pictures(): void
    {
        $lesson = $this->spoken(0.5, 0.5);
        $release = $this->shared($lesson);
        $this->video($release);
        $before = $this->kept($lesson);
        $sounds = array_values(array_filter($before, static fn (string $path): bool => str_ends_with($path, '.aac')));
        Storage::delete($sounds[0]);
        $pictures = array_diff($before, $sounds);
        array_map(static fn (string $path): bool => touch(Storage::path($path), 1_000_000), $pictures);
        $this->video($release);
        $this->assertSame($before, $this->kept($lesson));
        foreach ($pictures as $path) {
            clearstatcache();
            $this->assertSame(1_000_000, filemtime(Storage::path($path)));
        }
    }

    public function test_words_that_are_not_seen_change_no_picture(): void
    {
        $lesson = $this->spoken(0.6, 0.6);
        $release = $this->shared($lesson);
        $paths = array_map(static fn (VideoSegment $segment): string => $segment->pictures(), VideoSegment::of($release, new VideoChoice));
        $document = $lesson->document()->jsonSerialize();
        $document->parts[0]->slides[0]->steps[0]->script = 'Quite other words.';
        (new LessonStore)->save($lesson, LessonDocument::from($document), $lesson->version);
        $again = VideoSegment::of($this->shared($lesson), new VideoChoice);
        $this->assertSame($paths, array_map(static fn (VideoSegment $segment): string => $segment->pictures(), $again));
    }

    /** @return iterable<string, array{VideoChoice, list<string>, int, int}> */
    public static function choices(): iterable
    {
        yield 'for a projector' => [new VideoChoice(VideoShape::Large), ['h264', 'aac', 'mov_text'], 1920, 1080];
        yield 'for a phone' => [new VideoChoice(VideoShape::Tall, CaptionPlace::Burnt), ['h264', 'aac'], 720, 1120];
        yield 'open codecs' => [new VideoChoice(isWebm: true), ['vp9', 'opus', 'webvtt'], 1280, 720];
    }

    /** @param  list<string>  $codecs */
    #[DataProvider('choices')]
    public function test_a_video_comes_in_other_sizes_and_codecs(VideoChoice $choice, array $codecs, int $width, int $height): void
    {
        $release = $this->shared($this->spoken(0.5, 0.5));
        $video = $this->video($release, $choice);
        $seen = json_decode(
            Program::run('ffprobe', ['-v', 'error', '-show_streams', '-show_format', '-show_chapters', '-of', 'json', $video]),
            true,
        );
        $found = array_values(array_filter(
            array_column($seen['streams'], 'codec_name'),
            static fn (string $codec): bool => $codec !== 'bin_data',
        ));
        $this->assertSame($codecs, $found);
        $this->assertSame([$width, $height], [$seen['streams'][0]['width'], $seen['streams'][0]['height']]);
        $this->assertCount(2, $seen['chapters']);
        $this->assertEqualsWithDelta($release->frozen()->video()->length() / self::RATE, (float) $seen['format']['duration'], 0.03);
        $this->assertSame('', Program::report('ffmpeg', [
            '-v', 'error', '-xerror', '-i', $video, '-fps_mode', 'passthrough', '-enc_time_base', '-1', '-f', 'null', '-',
        ]));
    }

    public function test_without_waiting_it_is_as_long_as_what_is_said(): void
    {
        $release = $this->shared($this->spoken(1.0, 1.0));
        $choice = new VideoChoice(waits: false);
        $video = $this->video($release, $choice);
        $length = (float) Program::run('ffprobe', ['-v', 'error', '-show_entries', 'format=duration', '-of', 'csv=p=0', $video]);
        $this->assertEqualsWithDelta(2.0, $length, 4 * 1024 / self::RATE);
        // The answer of the first slide shows half a second in, and no countdown lies over it.
        $small = VideoShape::Small;
        $corner = substr(self::frame($video, 0.9), 620 * $small->width() + 900, 200);
        $this->assertGreaterThan(200, ord($corner[0]));
    }

    public function test_captions_that_are_always_seen_are_seen_while_they_are_due_and_not_a_picture_longer(): void
    {
        $release = $this->shared($this->spoken(1.5, 1.5));
        $video = $this->video($release, new VideoChoice(captions: CaptionPlace::Burnt));
        $cues = $release->frozen()->videoCaptions();
        $this->assertNotEmpty($cues);
        // White on the dark band under the slide.
        $isSaid = static fn (float $seconds): bool => max((array) unpack('C*', substr(self::frame($video, $seconds), 632 * 1280))) > 200;
        foreach ($cues as $cue) {
            $this->assertTrue($isSaid(($cue->from + $cue->to) / 2000), "“{$cue->text}” at {$cue->from}");
            $this->assertTrue($isSaid($cue->to / 1000 - 0.06));
        }
        // Nothing is said before the sound begins.
        $this->assertFalse($isSaid(0.0));
        $slide = self::frame($video, 0.3);
        $this->assertGreaterThan(200, ord($slide[600 * 1280 + 640]), 'the slide ends above the band');
        $this->assertLessThan(60, ord($slide[640 * 1280 + 4]));
    }

    public function test_what_was_edited_is_seen_in_the_video_at_its_moment(): void
    {
        $lesson = $this->spoken(3.0, 0.5);
        $take = $lesson->takes()->where('slide', 'measure')->firstOrFail();
        $lead = 1024 / self::RATE;
        $choice = new VideoChoice(waits: false);
        $this->assertEqualsWithDelta(1.5 + $lead, self::change($this->video($this->shared($lesson), $choice)), 0.02, 'as it was recorded');

        $reveal = array_search('step', array_column($take->events, 'kind'), true);
        $take->update(['moved' => [['event' => $reveal, 'at' => 2200.0]]]);
        $this->assertEqualsWithDelta(2.2 + $lead, self::change($this->video($this->shared($lesson), $choice)), 0.02, 'moved on the wave');

        $take->update(['cuts' => [['from' => 0, 'to' => 24_000], ['from' => 48_000, 'to' => 62_400]]]);
        $cut = $this->video($this->shared($lesson), $choice);
        $this->assertEqualsWithDelta(1.4 + $lead, self::change($cut, 2.1), 0.02, 'behind two cuts');

        $take->update(['wordings' => [['from' => 110_000, 'to' => 140_000, 'text' => 'Typed instead.']]]);
        $typed = $this->video($this->shared($lesson), $choice);
        $captions = Program::run('ffmpeg', ['-v', 'error', '-i', $typed, '-map', '0:s', '-f', 'webvtt', '-']);
        $this->assertStringContainsString('Typed instead.', $captions);
    }

    public function test_what_is_wanted_is_asked_of_the_server_and_checked_there(): void
    {
        $release = $this->shared($this->spoken(0.5, 0.5));
        $this->actingAs($release->lesson->user);
        $address = "/api/releases/{$release->id}/exports";
        $this->postJson($address, ['format' => 'mp4', 'choices' => ['shape' => '4000p']])->assertUnprocessable();
        $one = $this->postJson($address, ['format' => 'mp4'])->assertCreated()->json();
        $this->assertSame(['shape' => '720p', 'captions' => 'inside', 'waits' => 'with'], $one['choices']);
        $wanted = ['format' => 'mp4', 'choices' => ['shape' => 'tall', 'waits' => 'without']];
        $other = $this->postJson($address, $wanted)->assertCreated()->json();
        $this->assertNotSame($one['id'], $other['id']);
        $files = array_column($this->getJson("/api/lessons/{$release->lesson_id}/share")->assertOk()->json('files'), null, 'format');
        $this->assertSame(['shape', 'captions', 'waits'], array_column($files['mp4']['choices'], 'name'));
        $this->assertEqualsCanonicalizing([$one['id'], $other['id']], array_column($files['mp4']['exports'], 'id'));
        $this->assertSame([], $files['m4a']['choices']);
    }

    public function test_segments_go_with_the_lesson_and_after_some_weeks_and_are_in_no_backup(): void
    {
        $lesson = $this->spoken(0.5, 0.5);
        $release = $this->shared($lesson);
        $this->video($release);
        $kept = $this->kept($lesson);
        touch(Storage::path($kept[0]), now()->subDays(31)->getTimestamp());
        ReleaseParts::tidy(30);
        $this->assertSame(array_slice($kept, 1), $this->kept($lesson));
        $this->assertCount(2 * count($release->stages()), Storage::allFiles("parts/{$lesson->id}"));
        (new LessonStore)->delete($lesson);
        $this->assertSame([], $this->kept($lesson));
        $this->assertSame([], Storage::allFiles("parts/{$lesson->id}"));
    }

    private function spoken(float $first, float $second): Lesson
    {
        $lesson = $this->lesson($this->teacher());
        $this->take($lesson, 'measure', $first);
        $this->take($lesson, 'why', $second);

        return $lesson;
    }

    private function shared(Lesson $lesson): Release
    {
        $release = (new ReleaseStore)->begin($lesson->refresh());
        MakeRelease::dispatchSync($release->id);

        return $release->refresh();
    }

    private function video(Release $release, VideoChoice $choice = new VideoChoice): string
    {
        return $this->app->make(VideoMaker::class)->make($release, $choice, static function (): void {
        });
    }

    private function retitled(Lesson $lesson, int $slide): void
    {
        $document = $lesson->document()->jsonSerialize();
        $all = array_merge(...array_map(static fn (object $part): array => $part->slides, $document->parts));
        $all[$slide]->title = 'Another title';
        (new LessonStore)->save($lesson, LessonDocument::from($document), $lesson->version);
    }

    /** @return list<string> */
    private function kept(Lesson $lesson): array
    {
        $files = Storage::allFiles(ReleaseParts::SEGMENTS."/{$lesson->id}");
        sort($files);

        return $files;
    }

    /** @return list<int> */
    private static function samples(string $video): array
    {
        $pcm = Files::temporary('pcm');
        Program::run('ffmpeg', ['-v', 'error', '-y', '-i', $video, '-map', '0:a', '-f', 's16le', $pcm]);

        return array_values((array) unpack('s*', (string) file_get_contents($pcm)));
    }

    /**
     * @param  list<int>  $piece
     * @param  list<int>  $heard
     * @return int samples by which the piece is heard later than at a place
     */
    private static function lag(array $piece, array $heard, int $from): int
    {
        $best = [-INF, 0];
        for ($lag = -30; $lag <= 30; $lag++) {
            $sum = 0;
            foreach ($piece as $index => $sample) {
                $sum += $sample * ($heard[$from + $index + $lag] ?? 0);
            }
            $best = max($best, [(float) $sum, $lag]);
        }

        return $best[1];
    }

    /**
     * @param  float  $until seconds before the second slide
     * @return float seconds at which the first slide's picture changes most, looked at a hundred times a second
     */
    private static function change(string $video, float $until = 2.9): float
    {
        $pictures = str_split(Program::run('ffmpeg', [
            '-v', 'error', '-i', $video, '-t', (string) $until, '-vf', 'fps=100,scale=64:36', '-pix_fmt', 'gray', '-f', 'rawvideo', '-',
        ]), 64 * 36);
        $most = [0, 0];
        for ($number = 1; $number < count($pictures); $number++) {
            $pairs = array_map(null, (array) unpack('C*', $pictures[$number - 1]), (array) unpack('C*', $pictures[$number]));
            $most = max($most, [array_sum(array_map(static fn (array $pair): int => abs($pair[0] - $pair[1]), $pairs)), $number]);
        }

        return $most[1] / 100;
    }

    /** The brightness of every point of a picture. */
    private static function frame(string $video, float $seconds): string
    {
        return Program::run('ffmpeg', [
            '-v', 'error', '-i', $video, '-vf', "fps=50,trim=start={$seconds}", '-frames:v', '1', '-pix_fmt', 'gray', '-f', 'rawvideo', '-',
        ]);
    }
}
