<?php

namespace App\Console;

use App\Lessons\LessonArchive;
use Illuminate\Console\Command;

/** A lesson out to a file. */
class ExportLesson extends Command
{
    use FindsLesson;

    protected $signature = 'lesson:export {lesson : id or title} {--to= : the archive to write}';

    protected $description = 'Write a lesson, its pictures and its takes to one archive';

    public function handle(LessonArchive $archive): int
    {
        $to = (string) $this->option('to');
        if ($to === '' || ! is_dir(dirname($to))) {
            $this->error('Say where to write the archive, in a folder that exists: --to=lesson.daybright.zip');

            return self::FAILURE;
        }
        rename($archive->export($this->lesson((string) $this->argument('lesson'))), $to);
        $this->line($to);

        return self::SUCCESS;
    }
}
