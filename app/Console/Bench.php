<?php

declare(strict_types=1);

namespace App\Console;

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
use App\Bench\Intake;
use App\Bench\NoiseTake;
use App\Bench\Office;
use App\Bench\Report;
use App\Demo\DemoLessons;
use App\Jobs\MakeRelease;
use App\Lessons\LessonDocument;
use App\Lessons\LessonStore;
use App\Lessons\ReleaseStore;
use App\Models\Lesson;
use App\Models\Release;
use App\Models\User;
use Daybright\Deck\SlidePainter;
use Daybright\Figure\Figures;
use Daybright\Language\Dictionary;
use Daybright\Lesson\Fields;
use Daybright\Lesson\PartKind;
use Daybright\Maths\Checking\Equality;
use Daybright\Maths\Checking\EqualityChecker;
use Daybright\Recording\Clock;
use Daybright\Scene\Box;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Typesetter;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Storage;
use ReflectionProperty;

/** Measures what the design promises, as ratios within one run. Meant for a database of its own: see bin/bench. */
class Bench extends Command
{
    protected $signature = 'bench {--office : saving, checking, opening and Home alone} {--intake : what is brought in alone} {--export : videos alone}';

    protected $description = 'Measure export, saving, page weight and figures';

    private const MINUTES = 10;

    private const DRAWN_SECONDS = 120;

    private Report $report;

    public function handle(SlidePainter $painter, VideoMaker $maker, LessonStore $store, DemoLessons $demo): int
    {
        $this->report = new Report($this->output);
        $teacher = User::query()->create(['name' => 'Bench', 'email' => 'bench@larkfield.example', 'password' => 'bench']);
        if ($this->option('office')) {
            (new Office($this->report, $teacher, $store, $demo))->measure();

            return $this->report->isKept() ? self::SUCCESS : self::FAILURE;
        }
        if ($this->option('export')) {
            $this->videos($teacher, $store, $demo, $maker);

            return $this->report->isKept() ? self::SUCCESS : self::FAILURE;
        }
        app()->makeWith(Intake::class, ['report' => $this->report, 'teacher' => $teacher])->measure();
        if ($this->option('intake')) {
            return $this->report->isKept() ? self::SUCCESS : self::FAILURE;
        }
        $this->page($this->videos($teacher, $store, $demo, $maker));
        (new Office($this->report, $teacher, $store, $demo))->measure();
        $this->figures($painter);
        $this->slides($painter, $teacher, $demo);
        $this->dictionary();
        $this->checker();

        return $this->report->isKept() ? self::SUCCESS : self::FAILURE;
    }

    /** Ten minutes in twenty slides of the demo's kinds, pictures and practice among them, with two minutes of drawing. */
    private function longLesson(User $teacher, LessonStore $store, DemoLessons $demo): Lesson
    {
        $document = $demo->document($teacher, 'shadows-that-move');
        $slides = array_values(array_filter(
            array_merge(...array_column($document['parts'], 'slides')),
            static fn (array $slide): bool => ! $slide['side'],
        ));
        $list = [];
        for ($number = 0; $number < 20; $number++) {
            $json = json_encode($slides[$number % count($slides)], JSON_THROW_ON_ERROR);
            $list[] = json_decode(
                str_replace('"'.$slides[$number % count($slides)]['id'], "\"s{$number}-".$slides[$number % count($slides)]['id'], $json),
                true,
            );
        }
        $lesson = $store->create(
            new Lesson(['user_id' => $teacher->id]),
            LessonDocument::from(['minutes' => 10, 'parts' => [['id' => 'part', 'kind' => 'explain', 'slides' => $list]]] + $document),
        );
        $seconds = self::MINUTES * 60 / 20;
        foreach ($lesson->read()->mainSlides() as $number => $slide) {
            NoiseTake::record($lesson, $slide, $seconds, $number % 2 === 0 ? self::DRAWN_SECONDS / 10 : 0);
        }

        return $lesson;
    }

    private function videos(User $teacher, LessonStore $store, DemoLessons $demo, VideoMaker $maker): Release
    {
        $lesson = $this->longLesson($teacher, $store, $demo);
        $release = $this->shared($lesson);
        $this->export($lesson, $release, $maker);

        return $release;
    }

    /** With nothing there, with all segments there, and after one slide was corrected. */
    private function export(Lesson $lesson, Release $release, VideoMaker $maker): void
    {
        $length = Clock::milliseconds($release->frozen()->video()->length()) / 1000;
        $before = self::cpu();
        [$cold, $made] = self::made($maker, $release);
        $ours = self::cpu() - $before;
        $alone = $this->encoderAlone($release);
        $this->report->atLeast(
            'Export of a lesson of '.round($length / 60, 1).' minutes with two minutes of drawing, nothing there before',
            $length / $cold,
            40,
            '%.1f times faster than real time',
        );
        $this->report->atMost('CPU of the export against ffmpeg alone, the same pictures and sound', $ours / $alone, 2.2, '%.2f times');
        $this->report->atMost('Peak memory of the export', memory_get_peak_usage(true) / 1e6, 400, '%.0f MB');
        $this->report->line(
            'Student’s page against the video',
            sprintf(
                '%.1f MB against %.1f MB',
                (Storage::size($release->path('sound.webm')) + strlen((string) gzencode((string) json_encode($release->programme)))) / 1e6,
                filesize($made) / 1e6,
            ),
        );
        [$warm] = self::made($maker, $release);
        $this->report->atMost('The same again, with all segments there', $warm, 5, '%.2f s');
        $begun = microtime(true);
        $shared = $this->shared($lesson);
        [$joined] = self::made($maker, $shared);
        $this->report->atMost('From Share to the video, with all segments there', microtime(true) - $begun, 5, '%.2f s');
        $slide = $lesson->document()->jsonSerialize();
        $slide->parts[0]->slides[3]->title .= ' again';
        (new LessonStore)->save($lesson, LessonDocument::from($slide), $lesson->version);
        $begun = microtime(true);
        $corrected = $this->shared($lesson);
        $frozen = microtime(true) - $begun;
        $own = $this->segmentAlone($corrected, 3);
        [$after] = self::made($maker, $corrected);
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
    private static function made(VideoMaker $maker, Release $release): array
    {
        $begun = microtime(true);
        $made = $maker->make($release, new VideoChoice, static function (): void {
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
            $before = self::cpu();
            $pictures = Rasteriser::rasterise($svgs);
            $spent += self::cpu() - $before;
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
            fwrite($stream, $writer->header());
            foreach ($sequence->frames() as $at => $frame) {
                fwrite($stream, $writer->picture($frame, $at));
            }
            fclose($stream);
            $spent += $this->encodedAlone($file, Files::temporaryWith('', 'mp4'));
            $before = self::cpu();
            unlink(AudioEncoder::segment($segment->heard(), $segment->waits(), 'aac')());
            $spent += self::cpu() - $before;
            unlink($file);
        }

        return $spent;
    }

    private function encodedAlone(string $file, string $target): float
    {
        $before = self::cpu();
        Program::run('ffmpeg', [
            '-v', 'error', '-y', '-i', $file, '-fps_mode', 'passthrough', '-enc_time_base', '1:1000',
            '-c:v', 'libx264', '-preset', 'veryfast', '-crf', '23', '-bf', '0', $target,
        ]);
        unlink($target);

        return self::cpu() - $before;
    }

    private function page(Release $release): void
    {
        $script = 0;
        $manifest = json_decode((string) file_get_contents(public_path('build/manifest.json')), true);
        foreach (self::chunks($manifest, 'web/watch/main.tsx') as $file) {
            $script += strlen((string) gzencode((string) file_get_contents(public_path('build/'.$file)), 9));
        }
        $this->report->atMost('Script of the student’s page, compressed', $script / 1000, 120, '%.0f kB');
        $this->report->line(
            'Data of a ten-minute lesson, compressed',
            sprintf(
                '%.0f kB and %.1f MB of sound',
                strlen((string) gzencode((string) json_encode($release->programme), 9)) / 1000,
                Storage::size($release->path('sound.webm')) / 1e6,
            ),
        );
    }

    /**
     * @param  array<string, array<string, mixed>>  $manifest
     * @return list<string>
     */
    private static function chunks(array $manifest, string $entry): array
    {
        $files = [$manifest[$entry]['file']];
        foreach ($manifest[$entry]['imports'] ?? [] as $import) {
            array_push($files, ...self::chunks($manifest, $import));
        }

        return array_values(array_unique($files));
    }

    private function figures(SlidePainter $painter): void
    {
        $type = new ReflectionProperty($painter, 'typefaces');
        $formulas = new ReflectionProperty($painter, 'formulas');
        $context = new RenderContext(
            new Typesetter($type->getValue($painter)['lexend'], $formulas->getValue($painter)),
            PartKind::Explain->tint(),
            PartKind::Explain->strong(),
        );
        foreach (Figures::all() as $class) {
            $times = [];
            for ($round = 0; $round < 60; $round++) {
                $begun = microtime(true);
                $figure = $class::from(new Fields($class::blank()));
                $figure->facts();
                $figure->scene(new Box(0, 0, 900, 600), $context);
                $times[] = (microtime(true) - $begun) * 1000;
            }
            $this->report->atMost($class::entry()->label.': facts and scene, at the median', self::median($times), 15, '%.2f ms');
        }
    }

    /** Each slide of the demo composed and painted, with what is set once already set. */
    private function slides(SlidePainter $painter, User $teacher, DemoLessons $demo): void
    {
        $medians = [];
        foreach (['shadows-that-move', 'height-of-a-flagpole', 'poem-for-a-sundial'] as $name) {
            $document = LessonDocument::from($demo->document($teacher, $name));
            $times = [];
            for ($round = 0; $round < 8; $round++) {
                // Read anew, since a block keeps what it has made.
                $lesson = LessonDocument::kept((string) $document)->read();
                foreach ($lesson->slides() as $slide) {
                    $begun = hrtime(true);
                    $painter->paint($lesson, $slide);
                    $times[$slide->id][] = (hrtime(true) - $begun) / 1e6;
                }
            }
            array_push($medians, ...array_values(array_map(self::median(...), $times)));
        }
        $this->report->atMost('Composing and painting a slide of the demo, at the median', self::median($medians), 10, '%.1f ms');
        $this->report->atMost('… and the slowest of them', max([0.0, ...$medians]), 25, '%.1f ms');
    }

    /** In a process of its own: here the words may be known already. */
    private function dictionary(): void
    {
        $code = 'require "vendor/autoload.php"; $begun = hrtime(true); Daybright\Language\Dictionary::shipped()->pronunciation("shadow"); echo (hrtime(true) - $begun) / 1e6;';
        $times = array_map(static fn (): float => (float) Program::run('php', ['-r', $code]), range(1, 9));
        $this->report->line('Dictionary: first load and first word, without a warm opcode cache', sprintf('%.1f ms', self::median($times)));
        $words = ['shadow', 'knight', 'wonderful', 'zorblat', 'sundial'];
        $begun = hrtime(true);
        for ($round = 0; $round < 2000; $round++) {
            Dictionary::shipped()->pronunciation($words[$round % 5]);
        }
        $this->report->line('Dictionary: a word after that', sprintf('%.3f ms', (hrtime(true) - $begun) / 1e6 / 2000));
    }

    private function checker(): void
    {
        $alarm = static fn (string $sentence): bool => array_filter(
            EqualityChecker::check($sentence),
            static fn (Equality $each): bool => ! $each->holds(),
        ) !== [];
        foreach (['known', 'fresh', 'held-out'] as $half) {
            /** @var array{false: list<string>, true: list<string>, none: list<string>} $sentences */
            $sentences = require base_path("bench/checking-{$half}.php");
            $found = count(array_filter($sentences['false'], $alarm));
            $false = count(array_filter([...$sentences['true'], ...$sentences['none']], $alarm));
            $about = "Checker on {$half} sentences (".array_sum(array_map(count(...), $sentences)).')';
            $this->report->atLeast("{$about}: precision", 100 * $found / max(1, $found + $false), 100, '%.1f %%');
            $this->report->atLeast("{$about}: recall", 100 * $found / count($sentences['false']), 95, '%.1f %%');
        }
    }

    /** @param  list<float>  $values with one at least */
    private static function median(array $values): float
    {
        sort($values);

        return $values[intdiv(count($values), 2)];
    }

    /** CPU seconds of this process and of those it has waited for. */
    private static function cpu(): float
    {
        $total = 0.0;
        foreach ([0, 1] as $who) {
            $usage = getrusage($who) ?: [];
            foreach (['ru_utime', 'ru_stime'] as $kind) {
                $total += ($usage["{$kind}.tv_sec"] ?? 0) + ($usage["{$kind}.tv_usec"] ?? 0) / 1e6;
            }
        }

        return $total;
    }
}
