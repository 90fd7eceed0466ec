<?php

namespace App\Console;

use App\Lessons\LessonArchive;

/** A lesson out to a file. */
class ExportLesson extends LessonCommand
{
    protected $signature = 'lesson:export {lesson : id or title} {--to= : the archive to write}';

    protected $description = 'Write a lesson, its pictures and its takes to one archive';

    public function handle(LessonArchive $archive): int
    {
        $to = $this->target('lesson.daybright.zip');
        rename($archive->export($this->lesson((string) $this->argument('lesson'))), $to);
        $this->line($to);

        return self::SUCCESS;
    }
}
