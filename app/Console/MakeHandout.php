<?php

namespace App\Console;

use App\Lessons\HandoutFile;

/** The printed pages of a lesson, or their answers. */
class MakeHandout extends LessonCommand
{
    protected $signature = 'lesson:handout {lesson : id or title} {--answers : the answer key} {--to= : the PDF to write}';

    protected $description = 'Write the handout of a lesson as PDF';

    public function handle(HandoutFile $handout): int
    {
        $to = $this->target('handout.pdf');
        $pages = $handout->pages($this->lesson((string) $this->argument('lesson'))->read(), (bool) $this->option('answers'));
        if ($pages === []) {
            $this->tellTrouble('This lesson has no handout yet. Put a practice set on it in the Storyboard.');

            return self::FAILURE;
        }
        rename(HandoutFile::pdf($pages), $to);
        $this->line($to);

        return self::SUCCESS;
    }
}
