<?php

declare(strict_types=1);

namespace App\Console;

use App\Formats\LessonIntake;
use App\Models\User;
use DomainException;

/** A lesson in from a file. */
class ImportLesson extends LessonCommand
{
    protected $signature = 'lesson:import {file : a lesson file, or another that there is a reader for} {--pages= : a PDF of the same slides} {--for= : the teacher’s sign-in address}';

    /** @var list<string> */
    protected $aliases = ['deck:import'];

    protected $description = 'Bring a lesson in from a file for a teacher';

    public function handle(LessonIntake $intake): int
    {
        $user = User::query()->where('email', (string) $this->option('for'))->first();
        if ($user === null) {
            throw new DomainException('Say for whom: --for=address of a teacher.');
        }
        $file = (string) $this->argument('file');
        $pages = $this->option('pages');
        foreach (array_filter([$file, $pages]) as $each) {
            if (! is_file($each)) {
                throw new DomainException("There is no file “{$each}”.");
            }
        }
        $broughtIn = $intake->bringIn($user, $file, basename($file), $pages);
        array_map($this->warn(...), $broughtIn->findings);
        $this->line($broughtIn->lesson->id);

        return self::SUCCESS;
    }
}
