<?php

declare(strict_types=1);

namespace App\Console;

use App\Jobs\MakeRelease;
use App\Lessons\ReleaseStore;
use App\Models\Classroom;
use App\Models\Lesson;
use App\Models\Share;
use App\Watching\StudentVisit;
use Illuminate\Console\Command;

/** Gives a recorded demo lesson to the demo's class, and lets some of the class answer. */
class ShareDemo extends Command
{
    protected $signature = 'demo:share {lesson} {classroom} {file} {due} {instructions}';

    protected $description = 'Share a demo lesson with the demo’s class';

    public function handle(ReleaseStore $releases, StudentVisit $visits): int
    {
        $lesson = Lesson::query()->find($this->argument('lesson'));
        $classroom = Classroom::query()->find($this->argument('classroom'));
        if ($lesson === null || $classroom === null) {
            return self::SUCCESS;
        }
        $share = Share::query()->create([
            'lesson_id' => $lesson->id,
            'classroom_id' => $classroom->id,
            'instructions' => $this->argument('instructions'),
            'due' => $this->argument('due'),
        ]);
        MakeRelease::dispatchSync($releases->begin($lesson)->id);
        $share->refresh();
        /** @var array<string, array<string, array<string, string>>> $answers */
        $answers = require database_path('demo/answers.php');
        foreach ($answers[$this->argument('file')] ?? [] as $name => $given) {
            $visit = $visits->open($share, $classroom->students()->where('name', $name)->firstOrFail());
            foreach ($given as $block => $answer) {
                $visits->answer($visit, $block, $answer);
            }
            $visit->update([
                'position' => $share->version()->programme['length'] * 0.9,
                'furthest' => $share->version()->programme['length'] * 0.9,
            ]);
        }

        return self::SUCCESS;
    }
}
