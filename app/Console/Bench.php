<?php

declare(strict_types=1);

namespace App\Console;

use App\Adapters\Program;
use App\Bench\Intake;
use App\Bench\Office;
use App\Bench\Report;
use App\Bench\Sounds;
use App\Bench\Videos;
use App\Demo\DemoLessons;
use App\Lessons\LessonDocument;
use App\Lessons\LessonStore;
use App\Models\Release;
use App\Models\User;
use Daybright\Deck\SlidePainter;
use Daybright\Figure\Figures;
use Daybright\Language\Dictionary;
use Daybright\Lesson\Fields;
use Daybright\Lesson\PartKind;
use Daybright\Maths\Checking\Equality;
use Daybright\Maths\Checking\EqualityChecker;
use Daybright\Scene\Box;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Typesetter;
use Illuminate\Console\Command;
use ReflectionProperty;

/** Measures what the design promises, as ratios within one run. Meant for a database of its own: see bin/bench. */
class Bench extends Command
{
    protected $signature = 'bench {--office : saving, checking, opening and Home alone} {--intake : what is brought in alone} {--export : videos alone}';

    protected $description = 'Measure export, saving, page weight and figures';

    private Report $report;

    public function handle(SlidePainter $painter, LessonStore $store, DemoLessons $demo): int
    {
        $this->report = new Report($this->output);
        $teacher = User::query()->create(['name' => 'Bench', 'email' => 'bench@larkfield.example', 'password' => 'bench']);
        if ($this->option('office')) {
            (new Office($this->report, $teacher, $store, $demo))->measure();

            return $this->report->isKept() ? self::SUCCESS : self::FAILURE;
        }
        if ($this->option('export')) {
            app()->makeWith(Videos::class, ['report' => $this->report, 'teacher' => $teacher])->measure();

            return $this->report->isKept() ? self::SUCCESS : self::FAILURE;
        }
        app()->makeWith(Intake::class, ['report' => $this->report, 'teacher' => $teacher])->measure();
        if ($this->option('intake')) {
            return $this->report->isKept() ? self::SUCCESS : self::FAILURE;
        }
        $this->page(app()->makeWith(Videos::class, ['report' => $this->report, 'teacher' => $teacher])->measure());
        (new Sounds($this->report))->measure();
        (new Office($this->report, $teacher, $store, $demo))->measure();
        $this->figures($painter);
        $this->slides($painter, $teacher, $demo);
        $this->dictionary();
        $this->checker();

        return $this->report->isKept() ? self::SUCCESS : self::FAILURE;
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
                $release->soundBytes() / 1e6,
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
}
