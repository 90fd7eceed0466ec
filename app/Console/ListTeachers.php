<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\User;
use Illuminate\Console\Command;

/** Who may sign in. */
class ListTeachers extends Command
{
    protected $signature = 'teacher:list';

    protected $description = 'List the teachers of this school';

    public function handle(): int
    {
        $rows = User::query()->withCount(['lessons', 'classrooms'])->orderBy('name')->get()->map(static fn (User $teacher): array => [
            $teacher->name,
            $teacher->email,
            $teacher->lessons_count,
            $teacher->classrooms_count,
            $teacher->created_at?->toDateString(),
        ]);
        $this->table(['Name', 'Address', 'Lessons', 'Classes', 'Since'], $rows->all());

        return self::SUCCESS;
    }
}
