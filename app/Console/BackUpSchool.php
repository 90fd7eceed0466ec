<?php

declare(strict_types=1);

namespace App\Console;

use App\School\Backup;
use DomainException;

/** Copies all that the school keeps, while people work. */
class BackUpSchool extends LessonCommand
{
    protected $signature = 'school:backup {--to= : a folder that is not there yet}';

    protected $description = 'Copy the database and all files into a folder, and look whether the copy is whole';

    public function handle(Backup $backup): int
    {
        $to = rtrim((string) $this->option('to'), '/');
        if ($to === '' || ! is_dir(dirname($to))) {
            throw new DomainException('Say where: --to=/mnt/backup/2026-12-01');
        }
        $made = $backup->make($to);
        $this->line(sprintf('Copied and verified: the database and %d files, %.1f MB, in %s', $made['files'], $made['bytes'] / 1e6, $to));

        return self::SUCCESS;
    }
}
