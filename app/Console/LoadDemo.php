<?php

declare(strict_types=1);

namespace App\Console;

use App\Demo\DemoLessons;
use App\Demo\DemoPerformance;
use App\Jobs\MakeExport;
use App\Jobs\MakeRelease;
use App\Lessons\ReleaseStore;
use App\Models\Classroom;
use App\Models\Export;
use App\Models\ExportState;
use App\Models\Lesson;
use App\Models\MomentKind;
use App\Models\Series;
use App\Models\Share;
use App\Models\User;
use App\Models\Visit;
use App\Recording\SpokenTake;
use App\Watching\StudentVisit;
use App\Watching\VisitMoments;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Str;

/** Fills a new installation with the demo: a school that does not exist, its class, and one series of lessons. */
class LoadDemo extends Command
{
    protected $signature = 'demo:load';

    protected $description = 'Load the demo: Larkfield School, class 6 Heron, “Telling time by the Sun”';

    private const STUDENTS = ['Ada', 'Bram', 'Chidi', 'Dewi', 'Elif', 'Femi', 'Greta', 'Hana', 'Idris', 'Juno', 'Kofi', 'Lena'];

    public function handle(
        DemoLessons $demo,
        DemoPerformance $performance,
        SpokenTake $voice,
        ReleaseStore $releases,
        StudentVisit $visits,
    ): int {
        if ($this->laravel->environment('production')) {
            $this->error(
                'The demo’s teacher has a password that everybody knows: it is not loaded where APP_ENV is production. Add a teacher with teacher:add.',
            );

            return self::FAILURE;
        }
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
        $shadows = $demo->add($teacher, 'shadows-that-move', ['series_id' => $series->id, 'place' => 1]);
        $read = $shadows->read();
        foreach ($read->mainSlides() as $slide) {
            $voice->record($shadows, $slide, $read->pace, $performance->on($read, $slide));
            $this->line('recorded: '.$slide->title);
        }
        $share = Share::query()->create([
            'lesson_id' => $shadows->id,
            'classroom_id' => $classroom->id,
            'instructions' => 'Have a stick, a ruler and paper ready. Stop when the lesson stops, and try before you look.',
            'due' => '2026-12-01',
        ]);
        $release = $releases->begin($shadows);
        MakeRelease::dispatchSync($release->id);
        $this->replies($share->refresh(), $visits);
        $this->later(
            $demo->add($teacher, 'height-of-a-flagpole', ['series_id' => $series->id, 'place' => 2]),
            $classroom,
            'height-of-a-flagpole',
            '2026-12-08',
            'You need your three shadow lengths.',
        );
        $this->later(
            $demo->add($teacher, 'poem-for-a-sundial', ['series_id' => $series->id, 'place' => 3]),
            $classroom,
            'poem-for-a-sundial',
            '2026-12-15',
            'Read aloud as you go.',
        );
        $export = Export::query()->create(['release_id' => $release->id, 'state' => ExportState::Waiting]);
        MakeExport::dispatch($export->id);
        $this->line('The demo is ready.');

        return self::SUCCESS;
    }

    /** Recorded and shared by the worker, slide by slide, so that nobody waits for it before they can look around. */
    private function later(Lesson $lesson, Classroom $classroom, string $file, string $due, string $instructions): void
    {
        foreach ($lesson->read()->mainSlides() as $slide) {
            Artisan::queue('demo:record', ['lesson' => $lesson->id, 'slide' => $slide->id])->onQueue('demo');
        }
        Artisan::queue(
            'demo:share',
            ['lesson' => $lesson->id, 'classroom' => $classroom->id, 'file' => $file, 'due' => $due, 'instructions' => $instructions],
        )->onQueue('demo');
    }

    private function replies(Share $share, StudentVisit $visits): void
    {
        $length = $share->version()->programme['length'];
        $given = [
            'Ada' => ['noon', '41 cm', '8 h', 'The Sun was higher at lunch so the shadow got shorter.', 1.0],
            'Bram' => ['early', '41', '8', 'Because he had eaten.', 1.0],
            'Chidi' => ['noon', '48 cm', '8 hours', 'At lunch the Sun is high.', 1.0],
            'Dewi' => ['noon', '48 cm', '16 h', 'The Sun moved up, then light falls steeply.', 1.0],
            'Elif' => ['noon', '0.41 m', '8 h', 'The sun is higher in the sky at lunch.', 1.0],
            'Femi' => ['late', '27 cm', '3 h', 'He grew smaller?', 1.0],
            'Greta' => ['noon', '48 cm', '8 h', 'The Sun is higher in the sky at lunch!', 1.0],
            'Hana' => ['noon', '41 cm', '3 h', null, 0.93],
            'Juno' => ['early', null, null, null, 0.64],
            'Kofi' => [null, null, null, null, 0.31],
        ];
        $blocks = ['noon-question-block-1', 'measure-question-block-2', 'exit-day-block-1', 'exit-why-block-1'];
        foreach ($given as $name => $answers) {
            $visit = $visits->open($share, $share->classroom->students()->where('name', $name)->firstOrFail());
            foreach ($blocks as $number => $block) {
                if ($answers[$number] !== null) {
                    $visits->answer($visit, $block, $answers[$number], $number === 1 && $name === 'Elif', 25 + 7 * strlen($name));
                }
            }
            $visit->update(['position' => $length * $answers[4], 'furthest' => $length * $answers[4]]);
            if ($answers[4] === 1.0) {
                $visits->handIn($visit->refresh());
            }
        }
        $visits->open($share, $share->classroom->students()->where('name', 'Ada')->firstOrFail())
            ->answers()->where('block', 'exit-why-block-1')->first()?->update([
                'earned' => 1,
                'by_teacher' => true,
                'earned_points' => ['higher'],
                'remark' => 'Yes. What does that do to the light?',
            ]);
        $this->moments($share, $visits);
    }

    /** What some of the class asked, noted and said of themselves. */
    private function moments(Share $share, StudentVisit $visits): void
    {
        $aims = ['aim-why', 'aim-measure', 'aim-day'];
        $says = [
            'Ada' => ['can', 'can', 'nearly'],
            'Bram' => ['nearly', 'can', 'can'],
            'Chidi' => ['can', 'can', 'can'],
            'Dewi' => ['can', 'not-yet', 'not-yet'],
            'Femi' => ['not-yet', 'not-yet', 'not-yet'],
        ];
        $chapters = array_column($share->version()->frozen()->chapters, null, 'slide');
        $told = [
            ['Dewi', MomentKind::Lost, 'half-the-day', ''],
            ['Femi', MomentKind::Lost, 'half-the-day', ''],
            ['Femi', MomentKind::Back, 'half-the-day', ''],
            ['Hana', MomentKind::Back, 'measure-question', ''],
            ['Chidi', MomentKind::Question, 'sun-path', 'Does the Sun go the same way in winter?'],
            ['Elif', MomentKind::Note, 'growing-shadow', 'Measure from the foot of the stick.'],
        ];
        $students = $share->classroom->students();
        $visit = static fn (string $name): Visit => $visits->open($share, $students->clone()->where('name', $name)->firstOrFail());
        foreach ($says as $name => $said) {
            $visit($name)->update(['aims' => array_combine($aims, $said)]);
        }
        foreach ($told as [$name, $kind, $slide, $text]) {
            VisitMoments::keep($visit($name), Str::lower(Str::random(22)), $kind, $chapters[$slide]->at + 4000, $text);
        }
    }
}
