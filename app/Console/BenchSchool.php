<?php

declare(strict_types=1);

namespace App\Console;

use App\Bench\NoiseTake;
use App\Demo\DemoLessons;
use App\Jobs\MakeRelease;
use App\Lessons\ReleaseStore;
use App\Models\Classroom;
use App\Models\Share;
use App\Models\Student;
use App\Models\User;
use Illuminate\Console\Command;

/** A school of 200 students for the load of bin/bench, and one who comes before them. */
class BenchSchool extends Command
{
    protected $signature = 'bench:school';

    protected $description = 'Fill an empty database with a school for bench:load, and write what it must know as JSON';

    private const STUDENTS = 201;

    public function handle(DemoLessons $demo, ReleaseStore $releases): int
    {
        if (User::query()->exists()) {
            $this->error('There is a school here already. This one is only for a database of its own: see bin/bench.');

            return self::FAILURE;
        }
        $teacher = User::query()->create(['name' => 'Bench', 'email' => 'bench@larkfield.example', 'password' => 'three green herons']);
        $lesson = $demo->add($teacher, 'shadows-that-move');
        foreach ($lesson->read()->mainSlides() as $slide) {
            NoiseTake::record($lesson, $slide, 4, 1);
        }
        $classroom = Classroom::query()->create(['user_id' => $teacher->id, 'name' => 'All of year 6', 'code' => 'BENCH234']);
        for ($number = 1; $number <= self::STUDENTS; $number++) {
            $classroom->students()->create(['name' => "Child {$number}"]);
        }
        $share = Share::query()->create(['lesson_id' => $lesson->id, 'classroom_id' => $classroom->id, 'instructions' => '']);
        $release = $releases->begin($lesson);
        MakeRelease::dispatchSync($release->id);
        $this->output->writeln((string) json_encode([
            'email' => $teacher->email, 'password' => 'three green herons', 'lesson' => $lesson->id, 'slide' => $lesson->read()
                ->mainSlides()[0]->id, 'release' => $release->id,
            'code' => $classroom->code, 'share' => $share->id, 'students' => $classroom->students()
                ->get()
                ->map(static fn (Student $student): string => $student->id)
                ->all(),
            'length' => $release->refresh()->programme['length'],
        ]));

        return self::SUCCESS;
    }
}
