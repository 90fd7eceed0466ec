<?php

namespace App\Console;

use App\Adapters\Files;
use App\Adapters\Program;
use App\Adapters\Video\Countdown;
use App\Adapters\Video\FrameTrack;
use App\Adapters\Video\MatroskaWriter;
use App\Adapters\Video\Rasteriser;
use App\Adapters\Video\VideoMaker;
use App\Jobs\MakeRelease;
use App\Jobs\PrepareTake;
use App\Lessons\LessonDocument;
use App\Lessons\LessonSchema;
use App\Lessons\LessonStore;
use App\Lessons\LessonView;
use App\Lessons\ReleaseStore;
use App\Models\Lesson;
use App\Models\Release;
use App\Models\User;
use Daybright\Figure\Figures;
use Daybright\Language\Dictionary;
use Daybright\Lesson\Fields;
use Daybright\Lesson\PartKind;
use Daybright\Lesson\Slide;
use Daybright\Maths\Checking\Equality;
use Daybright\Maths\Checking\EqualityChecker;
use Daybright\Recording\Playbook;
use Daybright\Scene\Box;
use Daybright\Scene\Setting;
use Daybright\Scene\SlidePainter;
use Daybright\Scene\Typesetter;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Storage;
use ReflectionProperty;

/** Measures what the design promises, as ratios within one run. Meant for a database of its own: see bin/bench. */
class Bench extends Command
{
    protected $signature = 'bench';

    protected $description = 'Measure export, saving, page weight and figures';

    private const MINUTES = 10;

    private const DRAWN_SECONDS = 120;

    public function handle(SlidePainter $painter, VideoMaker $maker, LessonView $view, LessonStore $store, LessonSchema $schema): int
    {
        $teacher = User::query()->create(['name' => 'Bench', 'email' => 'bench@larkfield.example', 'password' => 'bench']);
        $release = $this->longLesson($teacher, $store);
        $this->export($release, $maker, $painter);
        $this->page($release);
        $this->saving($teacher, $store, $schema, $view);
        $this->figures($painter);
        $this->dictionary();
        $this->checker();

        return self::SUCCESS;
    }

    /** Ten minutes in twenty slides of the demo's kinds, with two minutes of drawing. */
    private function longLesson(User $teacher, LessonStore $store): Release
    {
        $demo = require database_path('demo/shadows-that-move.php');
        $slides = [];
        foreach ($demo['parts'] as $part) {
            foreach ($part['slides'] as $slide) {
                if (! in_array($slide['id'], ['morning-walk', 'sun-path', 'afterwards'], true) && $part['kind'] !== 'your-turn' && $part['kind'] !== 'exit-check') {
                    $slides[] = $slide;
                }
            }
        }
        $list = [];
        for ($number = 0; $number < 20; $number++) {
            $json = json_encode($slides[$number % count($slides)], JSON_THROW_ON_ERROR);
            $list[] = json_decode(str_replace('"'.$slides[$number % count($slides)]['id'], "\"s{$number}-".$slides[$number % count($slides)]['id'], $json), true);
        }
        $lesson = $store->create(new Lesson(['user_id' => $teacher->id]), ['media' => [], 'minutes' => 10, 'parts' => [['id' => 'part', 'kind' => 'explain', 'slides' => $list]]] + $demo);
        $seconds = self::MINUTES * 60 / 20;
        foreach ($lesson->read()->mainSlides() as $number => $slide) {
            $this->take($lesson, $slide, $seconds, $number % 2 === 0 ? self::DRAWN_SECONDS / 10 : 0);
        }
        $release = (new ReleaseStore)->begin($lesson);
        MakeRelease::dispatchSync($release->id);

        return $release->fresh();
    }

    private function take(Lesson $lesson, Slide $slide, float $seconds, float $drawn): void
    {
        $sound = Files::temporary('flac');
        Program::run('ffmpeg', ['-v', 'error', '-y', '-f', 'lavfi', '-i', "anoisesrc=color=pink:amplitude=0.2:sample_rate=48000:duration={$seconds}", '-ac', '1', '-sample_fmt', 's16', $sound]);
        $events = [];
        foreach ($slide->steps as $number => $step) {
            if ($number > 0) {
                $events[] = ['kind' => 'step', 'at' => 1000 * $number, 'step' => $step->id];
            }
        }
        for ($second = 0; $second < $drawn; $second++) {
            $points = array_map(static fn (int $point): array => [$point * 40, 200 + 40.0 * $point, 300 + 20.0 * $second + 30 * sin($point)], range(0, 24));
            $events[] = ['kind' => 'ink', 'at' => 8000 + 1000 * $second, 'tool' => $second % 3 === 2 ? 'marker' : 'pen', 'colour' => '#B3261E', 'width' => $second % 3 === 2 ? 34 : 8, 'points' => $points];
        }
        $take = $lesson->takes()->create(['slide' => $slide->id, 'source' => 'practice', 'events' => $events]);
        PrepareTake::keep($take, $sound);
        $take->update(['cuts' => [], 'chosen' => true]);
    }

    private function export(Release $release, VideoMaker $maker, SlidePainter $painter): void
    {
        $before = self::cpu();
        $begun = microtime(true);
        $made = $maker->make($release, static function (): void {
        });
        $wall = microtime(true) - $begun;
        $ours = self::cpu() - $before;
        $alone = $this->encoderAlone($release, $painter);
        $length = $release->programme['full'] / 1000;
        $this->tell('Export of a lesson of '.round($length / 60, 1).' minutes with two minutes of drawing', sprintf('%.1f times faster than real time', $length / $wall), 'at least 15');
        $this->tell('CPU of the export against ffmpeg alone, the same pictures and ready sound', sprintf('%.2f times', $ours / $alone), 'at most 2.2');
        $this->tell('Peak memory of the export', sprintf('%.0f MB', memory_get_peak_usage(true) / 1e6), 'under 400 MB');
        $this->tell('Student’s page against the video', sprintf('%.1f MB against %.1f MB', (Storage::size($release->path('sound.webm')) + strlen(gzencode(json_encode($release->programme)))) / 1e6, filesize($made['video']) / 1e6), '');
        unlink($made['video']);
        unlink($made['captions']);
    }

    /** The CPU seconds of ffmpeg when it draws the same pictures and encodes the same frames from a file. */
    private function encoderAlone(Release $release, SlidePainter $painter): float
    {
        $lesson = $release->read();
        $playbook = Playbook::of($lesson, $release->running());
        $keys = array_values(array_unique(array_map(static fn (array $picture): string => $picture['slide'].' '.$picture['step'], $playbook->pictures)));
        $svgs = array_map(static fn (string $key): string => LessonView::svg($lesson, $painter->paint($lesson, $lesson->slide(explode(' ', $key)[0]))->at((int) explode(' ', $key)[1]), static fn (): string => ''), $keys);
        $before = self::cpu();
        $pictures = Rasteriser::of([...$svgs, Countdown::svg()]);
        $drawing = self::cpu() - $before;
        $file = Files::temporary('mkv');
        $stream = fopen($file, 'wb');
        $writer = new MatroskaWriter(Rasteriser::WIDTH, Rasteriser::HEIGHT);
        fwrite($stream, $writer->header());
        $track = new FrameTrack($release->running(), $playbook, array_flip($keys), $pictures, new Countdown($pictures->picture(count($keys))));
        foreach ($track->frames() as $at => $frame) {
            fwrite($stream, $writer->picture($frame, $at));
        }
        fclose($stream);
        $target = Files::temporary('mp4');
        $before = self::cpu();
        Program::run('ffmpeg', ['-v', 'error', '-y', '-i', $file, '-i', Files::local($release->path('video-sound.m4a')), '-fps_mode', 'passthrough', '-enc_time_base', '1:1000', '-c:v', 'libx264', '-preset', 'veryfast', '-crf', '23', '-bf', '0', '-c:a', 'copy', $target]);
        $alone = self::cpu() - $before;
        unlink($file);
        unlink($target);

        return $drawing + $alone;
    }

    private function page(Release $release): void
    {
        $script = 0;
        $manifest = json_decode((string) file_get_contents(public_path('build/manifest.json')), true);
        foreach (self::chunks($manifest, 'web/watch/main.tsx') as $file) {
            $script += strlen((string) gzencode((string) file_get_contents(public_path('build/'.$file)), 9));
        }
        $this->tell('Script of the student’s page, compressed', sprintf('%.0f kB', $script / 1000), 'under 120 kB');
        $this->tell('Data of a ten-minute lesson, compressed', sprintf('%.0f kB and %.1f MB of sound', strlen((string) gzencode((string) json_encode($release->programme), 9)) / 1000, Storage::size($release->path('sound.webm')) / 1e6), '');
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

    private function saving(User $teacher, LessonStore $store, LessonSchema $schema, LessonView $view): void
    {
        $document = require database_path('demo/height-of-a-flagpole.php');
        $lesson = $store->create(new Lesson(['user_id' => $teacher->id]), LessonDocument::of($document));
        auth()->login($teacher);
        $times = [];
        for ($round = 0; $round < 60; $round++) {
            $document['parts'][3]['slides'][0]['steps'][0]['script'] = "Word {$round}.";
            $document['parts'][2]['slides'][0]['title'] = "Same Sun {$round}";
            $begun = microtime(true);
            $saved = LessonDocument::of($document);
            $read = $schema->check($saved);
            $before = $lesson->document();
            $lesson = $store->save($lesson, $saved, $lesson->version);
            foreach ($view->changed($before, $saved, $read) as $slide) {
                $view->scene($read, $slide);
            }
            $view->timing($read);
            $times[] = (microtime(true) - $begun) * 1000;
        }
        $this->tell('A save with its new pictures, at the median', sprintf('%.0f ms', self::median($times)), 'under 100 ms');
    }

    private function figures(SlidePainter $painter): void
    {
        $type = new ReflectionProperty($painter, 'typefaces');
        $formulas = new ReflectionProperty($painter, 'formulas');
        $setting = new Setting(new Typesetter($type->getValue($painter)['lexend'], $formulas->getValue($painter)), PartKind::Explain, [], []);
        foreach (Figures::all() as $class) {
            $times = [];
            for ($round = 0; $round < 60; $round++) {
                $begun = microtime(true);
                $figure = $class::from(new Fields($class::blank()));
                $figure->facts();
                $figure->scene(new Box(0, 0, 900, 600), $setting);
                $times[] = (microtime(true) - $begun) * 1000;
            }
            $this->tell($class::entry()->label.': facts and scene, at the median', sprintf('%.2f ms', self::median($times)), 'under 15 ms');
        }
    }

    /** In a process of its own: here the words may be known already. */
    private function dictionary(): void
    {
        $code = 'require "vendor/autoload.php"; $begun = hrtime(true); Daybright\Language\Dictionary::shipped()->pronunciation("shadow"); echo (hrtime(true) - $begun) / 1e6;';
        $times = array_map(static fn (): float => (float) Program::run('php', ['-r', $code]), range(1, 9));
        $this->tell('Dictionary: first load and first word, without a warm opcode cache', sprintf('%.1f ms', self::median($times)), '');
        $words = ['shadow', 'knight', 'wonderful', 'zorblat', 'sundial'];
        $begun = hrtime(true);
        for ($round = 0; $round < 2000; $round++) {
            Dictionary::shipped()->pronunciation($words[$round % 5]);
        }
        $this->tell('Dictionary: a word after that', sprintf('%.3f ms', (hrtime(true) - $begun) / 1e6 / 2000), '');
    }

    private function checker(): void
    {
        /** @var array{false: list<string>, true: list<string>, none: list<string>} $corpus */
        $corpus = require base_path('tests/core/Maths/Checking/corpus.php');
        $alarm = static fn (string $sentence): bool => array_filter(EqualityChecker::check($sentence), static fn (Equality $each): bool => ! $each->holds()) !== [];
        $found = count(array_filter($corpus['false'], $alarm));
        $false = count(array_filter([...$corpus['true'], ...$corpus['none']], $alarm));
        $this->tell('Checker on '.array_sum(array_map(count(...), $corpus)).' sentences: precision', sprintf('%.1f %%', 100 * $found / max(1, $found + $false)), '100 %');
        $this->tell('Checker: recall', sprintf('%.1f %%', 100 * $found / count($corpus['false'])), '95 % or more');
    }

    private function tell(string $what, string $measured, string $wanted): void
    {
        $this->output->writeln(sprintf('%-78s %-34s %s', $what, $measured, $wanted));
    }

    /** @param  non-empty-list<float>  $values */
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
            $usage = getrusage($who);
            foreach (['ru_utime', 'ru_stime'] as $kind) {
                $total += $usage["{$kind}.tv_sec"] + $usage["{$kind}.tv_usec"] / 1e6;
            }
        }

        return $total;
    }
}
