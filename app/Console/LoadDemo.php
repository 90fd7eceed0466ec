<?php

namespace App\Console;

use App\Jobs\MakeRelease;
use App\Jobs\MakeVideo;
use App\Lessons\LessonSchema;
use App\Lessons\LessonStore;
use App\Lessons\PictureStore;
use App\Lessons\ReleaseStore;
use App\Models\Classroom;
use App\Models\Export;
use App\Models\Lesson;
use App\Models\Release;
use App\Models\Series;
use App\Models\Share;
use App\Models\User;
use App\Recording\SpokenTake;
use App\Watching\StudentVisit;
use Illuminate\Console\Command;

/** Fills a new installation with the demo: a school that does not exist, its class, and one series of lessons. */
class LoadDemo extends Command
{
    protected $signature = 'demo:load';

    protected $description = 'Load the demo: Larkfield School, class 6 Heron, “Telling time by the Sun”';

    private const STUDENTS = ['Ada', 'Bram', 'Chidi', 'Dewi', 'Elif', 'Femi', 'Greta', 'Hana', 'Idris', 'Juno', 'Kofi', 'Lena'];

    public function handle(LessonStore $store, LessonSchema $schema, PictureStore $pictures, SpokenTake $voice, ReleaseStore $releases, StudentVisit $visits): int
    {
        if (User::query()->exists()) {
            $this->line('The demo is there already. Start with --fresh to load it again.');

            return self::SUCCESS;
        }
        $teacher = User::query()->create(['name' => 'Rowan Ashby', 'email' => 'teacher@larkfield.example', 'password' => 'daybright']);
        User::query()->create(['name' => 'Sol Marsh', 'email' => 'colleague@larkfield.example', 'password' => 'daybright']);
        $classroom = Classroom::query()->create(['user_id' => $teacher->id, 'name' => '6 Heron', 'code' => 'HERN6ABC']);
        foreach (self::STUDENTS as $name) {
            $classroom->students()->create(['name' => $name]);
        }
        $series = Series::query()->create(['user_id' => $teacher->id, 'title' => 'Telling time by the Sun']);
        $shadows = $this->lesson($teacher, $series, 1, 'shadows-that-move', $store, $schema, $pictures);
        $flagpole = $this->lesson($teacher, $series, 2, 'height-of-a-flagpole', $store, $schema, $pictures);
        $poem = $this->lesson($teacher, $series, 3, 'poem-for-a-sundial', $store, $schema, $pictures);
        foreach ([$shadows, $flagpole, $poem] as $lesson) {
            $this->record($lesson, $voice);
        }
        [$share, $release] = $this->share($shadows, $classroom, 'Have a stick, a ruler and paper ready. Stop when the lesson stops, and try before you look.', '2026-12-01', $releases);
        $this->replies($share, $visits);
        [$share] = $this->share($flagpole, $classroom, 'You need your three shadow lengths.', '2026-12-08', $releases);
        $this->given($share, self::FLAGPOLE, $visits);
        [$share] = $this->share($poem, $classroom, 'Read aloud as you go.', '2026-12-15', $releases);
        $this->given($share, self::POEM, $visits);
        $export = Export::query()->create(['release_id' => $release->id, 'state' => 'waiting']);
        MakeVideo::dispatch($export->id);
        $this->line('The demo is ready.');

        return self::SUCCESS;
    }

    /** Block => given answer, by student. */
    private const FLAGPOLE = [
        'Ada' => ['tree-block-1' => '6 m', 'thermometer-block-1' => '18 °C', 'claim-block-1' => '{"verdict":"false","example":"1/2"}'],
        'Bram' => ['tree-block-1' => '13.5 m', 'thermometer-block-1' => '14 °C', 'claim-block-1' => '{"verdict":"true"}'],
        'Chidi' => ['tree-block-1' => '600 cm', 'thermometer-block-1' => '18', 'claim-block-1' => '{"verdict":"false","example":"2"}'],
        'Dewi' => ['tree-block-1' => '6', 'thermometer-block-1' => '17.5 °C'],
    ];

    private const POEM = [
        'Ada' => ['give-letters-block-1' => '{"line-1":"A","line-2":"B","line-3":"C","line-4":"B"}', 'sort-words-block-1' => '{"glow":"light","murk":"shade","flash":"light","dusk":"shade","shine":"light","night":"shade"}', 'order-clocks-block-1' => '["sun","water","pendulum","sea"]', 'name-parts-block-2' => '{"part-1":"gnomon","part-2":"dial","part-3":"hour line","part-4":"shadow","part-5":"foot"}', 'mark-it-block-1' => '[23,24]'],
        'Elif' => ['give-letters-block-1' => '{"line-1":"A","line-2":"B","line-3":"A","line-4":"B"}', 'sort-words-block-1' => '{"glow":"light","murk":"shade","flash":"light","dusk":"light","shine":"light","night":"shade"}', 'order-clocks-block-1' => '["water","sun","pendulum","sea"]'],
    ];

    private function record(Lesson $lesson, SpokenTake $voice): void
    {
        $read = $lesson->read();
        foreach ($read->mainSlides() as $slide) {
            $voice->record($lesson, $slide, $read->pace, self::drawn()[$slide->id] ?? []);
            $this->line('recorded: '.$slide->title);
        }
    }

    /** @return array{Share, Release} */
    private function share(Lesson $lesson, Classroom $classroom, string $instructions, string $due, ReleaseStore $releases): array
    {
        $share = Share::query()->create(['lesson_id' => $lesson->id, 'classroom_id' => $classroom->id, 'instructions' => $instructions, 'due' => $due]);
        $release = $releases->begin($lesson);
        MakeRelease::dispatchSync($release->id);

        return [$share->fresh(), $release];
    }

    /** @param  array<string, array<string, string>>  $answers block => answer, by student */
    private function given(Share $share, array $answers, StudentVisit $visits): void
    {
        foreach ($answers as $name => $given) {
            $visit = $visits->open($share, $share->classroom->students()->where('name', $name)->firstOrFail());
            foreach ($given as $block => $answer) {
                $visits->answer($visit, $block, $answer);
            }
            $visits->place($visit, $share->release->programme['length'] * 0.9);
        }
    }

    private function lesson(User $teacher, Series $series, int $place, string $file, LessonStore $store, LessonSchema $schema, PictureStore $pictures): Lesson
    {
        $document = require database_path("demo/{$file}.php");
        foreach ($document['media'] as $id => $medium) {
            $kept = $pictures->keep($teacher, (string) file_get_contents(database_path('demo/'.$medium['file'])), $medium['file']);
            unset($medium['file']);
            $document['media'][$id] = [...$kept, ...$medium];
        }
        $schema->check($document);

        return $store->create(new Lesson(['user_id' => $teacher->id, 'series_id' => $series->id, 'place' => $place]), $document);
    }

    /** @return array<string, list<array<string, mixed>>> ink of the recording, by slide */
    private static function drawn(): array
    {
        // Along the dotted path of the drawing, which is a Bézier curve in a picture of its own scale.
        $curve = [];
        for ($step = 0; $step <= 60; $step++) {
            $t = $step / 60;
            $x = 90 * (1 - $t) ** 3 + 3 * 160 * (1 - $t) ** 2 * $t + 3 * 840 * (1 - $t) * $t ** 2 + 910 * $t ** 3;
            $y = 460 * (1 - $t) ** 3 + 3 * 60 * (1 - $t) * $t + 460 * $t ** 3;
            $curve[] = [$step * 40, round(90 + $x * 0.829, 1), round(175 + $y * 0.829, 1)];
        }
        $line = array_map(static fn (int $step): array => [$step * 40, 130 + 12 * $step, 640 + ($step % 4)], range(0, 22));

        return [
            'sun-path' => [['kind' => 'ink', 'during' => 'sun-path-2', 'at' => 400, 'tool' => 'pen', 'colour' => '#B3261E', 'width' => 8, 'points' => $curve]],
            'growing-shadow' => [['kind' => 'ink', 'during' => 'growing-shadow-4', 'at' => 600, 'tool' => 'marker', 'colour' => '#E0A100', 'width' => 34, 'points' => $line]],
        ];
    }

    private function replies(Share $share, StudentVisit $visits): void
    {
        $length = $share->release->programme['length'];
        $given = [
            'Ada' => ['noon', '41 cm', '8 h', 'The Sun was higher at lunch so the shadow got shorter.', 1.0],
            'Bram' => ['early', '41', '8', 'Because he had eaten.', 1.0],
            'Chidi' => ['noon', '48 cm', '8 hours', 'At lunch the Sun is high.', 1.0],
            'Dewi' => ['noon', '48 cm', '16 h', 'The Sun moved up, then light falls steeply.', 1.0],
            'Elif' => ['noon', '0.41 m', '8 h', 'The sun is higher in the sky at lunch.', 1.0],
            'Femi' => ['late', '27 cm', '3 h', 'He grew smaller?', 1.0],
            'Greta' => ['noon', '48 cm', '8 h', 'High sun makes a short shadow.', 1.0],
            'Hana' => ['noon', '41 cm', '3 h', null, 0.93],
            'Juno' => ['early', null, null, null, 0.64],
            'Kofi' => [null, null, null, null, 0.31],
        ];
        $blocks = ['noon-question-block-1', 'measure-question-block-2', 'exit-day-block-1', 'exit-why-block-1'];
        foreach ($given as $name => $answers) {
            $visit = $visits->open($share, $share->classroom->students()->where('name', $name)->firstOrFail());
            foreach ($blocks as $number => $block) {
                if ($answers[$number] !== null) {
                    $visits->answer($visit, $block, $answers[$number]);
                }
            }
            $visits->place($visit, $length * $answers[4]);
            if ($answers[4] === 1.0) {
                $visits->handIn($visit->fresh());
            }
        }
        $visits->open($share, $share->classroom->students()->where('name', 'Ada')->firstOrFail())
            ->answers()->where('block', 'exit-why-block-1')->update(['earned' => 2, 'by_teacher' => true]);
    }
}
