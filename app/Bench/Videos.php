<?php

declare(strict_types=1);

namespace App\Bench;

use App\Adapters\Files;
use App\Adapters\Program;
use App\Adapters\Sound\AudioEncoder;
use App\Adapters\Video\Countdown;
use App\Adapters\Video\FrameSequence;
use App\Adapters\Video\MatroskaWriter;
use App\Adapters\Video\Rasteriser;
use App\Adapters\Video\SeenDrawings;
use App\Adapters\Video\SegmentMaker;
use App\Adapters\Video\VideoChoice;
use App\Adapters\Video\VideoMaker;
use App\Adapters\Video\VideoSegment;
use App\Demo\DemoLessons;
use App\Jobs\MakeRelease;
use App\Lessons\LessonDocument;
use App\Lessons\LessonStore;
use App\Lessons\ReleaseStore;
use App\Models\Footage;
use App\Models\Lesson;
use App\Models\Release;
use App\Models\User;
use Daybright\Recording\Clock;

/** How long a video takes: with nothing there before, with all of it, and after one slide was corrected. */
final class Videos
{
    private const MINUTES = 10;

    private const DRAWN_SECONDS = 120;

    private const LIVE_SECONDS = 60;

    public function __construct(
        private readonly Report $report,
        private readonly User $teacher,
        private readonly VideoMaker $maker,
        private readonly LessonStore $store,
        private readonly DemoLessons $demo,
    ) {
    }

    /** @return Release that was measured */
    public function measure(): Release
    {
        $lesson = $this->longLesson(self::MINUTES, 20);
        $release = $this->shared($lesson);
        $this->export($lesson, $release);
        $this->live();
        $this->hour();

        return $release;
    }

    /** Slides of the demo's kinds, pictures and practice among them; on every second one a hand draws, two minutes in all. */
    private function longLesson(int $minutes, int $count): Lesson
    {
        $document = $this->demo->document($this->teacher, 'shadows-that-move');
        $slides = array_values(array_filter(
            array_merge(...array_column($document['parts'], 'slides')),
            static fn (array $slide): bool => ! $slide['side'],
        ));
        $list = [];
        for ($number = 0; $number < $count; $number++) {
            $json = json_encode($slides[$number % count($slides)], JSON_THROW_ON_ERROR);
            $list[] = json_decode(
                str_replace('"'.$slides[$number % count($slides)]['id'], "\"s{$number}-".$slides[$number % count($slides)]['id'], $json),
                true,
            );
        }
        $lesson = $this->store->create(
            new Lesson(['user_id' => $this->teacher->id]),
            LessonDocument::from(
                ['minutes' => $minutes, 'parts' => [['id' => 'part', 'kind' => 'explain', 'slides' => $list]]] + $document,
            ),
        );
        $seconds = $minutes * 60 / $count;
        foreach ($lesson->read()->mainSlides() as $number => $slide) {
            NoiseTake::record($lesson, $slide, $seconds, $number % 2 === 0 ? 2 * self::DRAWN_SECONDS / $count : 0);
        }

        return $lesson;
    }

    /** A curve that is turned and looked at closer, with the camera beside it and without: what it weighs, and how long its video takes. */
    private function live(): void
    {
        foreach (['without a camera' => false, 'with one' => true] as $how => $withCamera) {
            $lesson = app()->makeWith(LiveLesson::class, ['teacher' => $this->teacher])->record(self::LIVE_SECONDS, $withCamera);
            $release = $this->shared($lesson);
            $films = $lesson->takes->flatMap->footage->sum(static fn (Footage $footage): int => Files::size($footage->film()));
            $perMinute = 60 / self::LIVE_SECONDS;
            $this->report->line("A minute of acts and zoom {$how}", sprintf(
                '%.0f kB of pictures and acts, %.0f kB of sound, %.0f kB of film',
                $perMinute * strlen((string) gzencode((string) json_encode($release->programme))) / 1000,
                $perMinute * $release->soundBytes() / 1000,
                $perMinute * $films / 1000,
            ));
            [$took] = $this->made($release);
            $this->report->line("Its export {$how}", sprintf('%.1f times faster than real time', self::LIVE_SECONDS / $took));
        }
    }

    /** What an hour takes of memory, which is short on a school's machine sooner than time is. */
    private function hour(): void
    {
        $this->made($this->shared($this->longLesson(60, 24)));
        $programs = (getrusage(1)['ru_maxrss'] ?? 0) / 1000;
        $this->report->atMost(
            'Peak memory of the export of an hour, with the largest of its programs',
            memory_get_peak_usage(true) / 1e6 + $programs,
            400,
            '%.0f MB',
        );
    }

    /** With nothing there, with all segments there, and after one slide was corrected. */
    private function export(Lesson $lesson, Release $release): void
    {
        $length = Clock::milliseconds($release->frozen()->video()->length()) / 1000;
        $before = Cpu::seconds();
        [$cold, $made] = $this->made($release);
        $ours = Cpu::seconds() - $before;
        $alone = $this->encoderAlone($release);
        $this->report->atLeast(
            'Export of a lesson of '.round($length / 60, 1).' minutes with two minutes of drawing, nothing there before',
            $length / $cold,
            40,
            '%.1f times faster than real time',
        );
        $this->report->atMost('CPU of the export against ffmpeg alone, the same pictures and sound', $ours / $alone, 2.2, '%.2f times');
        $this->report->line(
            'Student’s page against the video',
            sprintf(
                '%.1f MB against %.1f MB',
                ($release->soundBytes() + strlen((string) gzencode((string) json_encode($release->programme)))) / 1e6,
                filesize($made) / 1e6,
            ),
        );
        [$warm] = $this->made($release);
        $this->report->atMost('The same again, with all segments there', $warm, 5, '%.2f s');
        $begun = microtime(true);
        $shared = $this->shared($lesson);
        [$joined] = $this->made($shared);
        $this->report->atMost('From Share to the video, with all segments there', microtime(true) - $begun, 5, '%.2f s');
        $slide = $lesson->document()->jsonSerialize();
        $slide->parts[0]->slides[3]->title .= ' again';
        $this->store->save($lesson, LessonDocument::from($slide), $lesson->version);
        $begun = microtime(true);
        $corrected = $this->shared($lesson);
        $frozen = microtime(true) - $begun;
        $own = $this->segmentAlone($corrected, 3);
        [$after] = $this->made($corrected);
        $this->report->atMost('… after one slide was corrected, besides that slide’s own encoding', $frozen + $after, 3, '%.2f s');
        $this->report->line('… which takes', sprintf('%.2f s', $own));
    }

    private function shared(Lesson $lesson): Release
    {
        $release = (new ReleaseStore)->begin($lesson->refresh());
        MakeRelease::dispatchSync($release->id);

        return $release->refresh();
    }

    /** @return array{float, string} seconds, and the video */
    private function made(Release $release): array
    {
        $begun = microtime(true);
        $made = $this->maker->make($release, new VideoChoice, static function (): void {
        });

        return [microtime(true) - $begun, $made];
    }

    /** @return float seconds in which the pictures of one slide are made */
    private function segmentAlone(Release $release, int $number): float
    {
        $begun = microtime(true);
        app(SegmentMaker::class)->make([VideoSegment::of($release, new VideoChoice)[$number]], static function (): void {
        });

        return microtime(true) - $begun;
    }

    /** The CPU seconds of ffmpeg when it draws the same pictures and encodes the same frames and the same sound, each from a file. */
    private function encoderAlone(Release $release): float
    {
        $spent = 0.0;
        foreach (VideoSegment::of($release, new VideoChoice) as $segment) {
            $shape = $segment->choice->shape;
            $svgs = [...array_map(SeenDrawings::whole(...), $segment->drawings->named), Countdown::svg()];
            $before = Cpu::seconds();
            $pictures = Rasteriser::rasterise($svgs);
            $spent += Cpu::seconds() - $before;
            $sequence = new FrameSequence(
                $segment->lesson,
                $segment->drawings,
                $shape,
                $pictures->picture(...),
                new Countdown($pictures->picture(count($svgs) - 1)),
                $segment->film(),
            );
            $file = Files::temporary('mkv');
            $stream = Files::opened($file, 'wb');
            $writer = new MatroskaWriter($shape->width(), $shape->height());
            foreach ($writer->stream($sequence->frames()) as $piece) {
                fwrite($stream, $piece);
            }
            fclose($stream);
            $spent += $this->encodedAlone($file, Files::temporaryWith('', 'mp4'));
            $before = Cpu::seconds();
            unlink(AudioEncoder::segments([$segment->heard()], [$segment->waits()], 'aac')()[0]);
            $spent += Cpu::seconds() - $before;
            unlink($file);
        }

        return $spent;
    }

    private function encodedAlone(string $file, string $target): float
    {
        $before = Cpu::seconds();
        Program::run('ffmpeg', [
            '-v', 'error', '-y', '-i', $file, '-fps_mode', 'passthrough', '-enc_time_base', '1:1000',
            '-c:v', 'libx264', '-preset', 'veryfast', '-crf', '23', '-bf', '0', $target,
        ]);
        unlink($target);

        return Cpu::seconds() - $before;
    }
}
