<?php

namespace App\Console;

use App\Lessons\LessonArchive;
use App\Models\User;
use DomainException;

/** A lesson in from a file. */
class ImportLesson extends LessonCommand
{
    protected $signature = 'lesson:import {file : the archive} {--for= : the teacher’s sign-in address}';

    protected $description = 'Bring a lesson archive in for a teacher';

    public function handle(LessonArchive $archive): int
    {
        $user = User::query()->where('email', (string) $this->option('for'))->first();
        if ($user === null) {
            throw new DomainException('Say for whom: --for=address of a teacher.');
        }
        $this->line($archive->import($user, (string) $this->argument('file'))->id);

        return self::SUCCESS;
    }
}
