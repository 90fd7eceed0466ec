<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\Lesson;
use App\Recording\SpokenTake;
use Illuminate\Console\Command;

/** Records one slide of a demo lesson with the practice voice. */
class RecordDemo extends Command
{
    protected $signature = 'demo:record {lesson} {slide}';

    protected $description = 'Record a slide of a demo lesson with the practice voice';

    public function handle(SpokenTake $voice): int
    {
        $lesson = Lesson::query()->find($this->argument('lesson'));
        $read = $lesson?->read();
        $slide = $read?->slide((string) $this->argument('slide'));
        if ($lesson !== null && $read !== null && $slide !== null) {
            $voice->record($lesson, $slide, $read->pace);
        }

        return self::SUCCESS;
    }
}
