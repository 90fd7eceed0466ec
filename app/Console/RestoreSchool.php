<?php

declare(strict_types=1);

namespace App\Console;

use App\Models\User;
use App\School\Backup;
use App\School\Verification;
use DomainException;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\DB;
use Throwable;

/** Brings a backup back. What is there now is set aside and not deleted. */
class RestoreSchool extends LessonCommand
{
    protected $signature = 'school:restore {--from= : the folder that school:backup made} {--replace : set what is there now aside}';

    protected $description = 'Bring a backup back; the server must be stopped meanwhile';

    public function handle(): int
    {
        $from = rtrim((string) $this->option('from'), '/');
        $missing = Verification::verify($from)->missing();
        if ($missing !== []) {
            throw new DomainException('This backup lacks '.count($missing).' files, “'.$missing[0].'” among them. Use another one.');
        }
        if (self::isInUse() && ! $this->option('replace')) {
            throw new DomainException(
                'There is a school on this server already. Stop the server, then say --replace: what is there now is set aside.',
            );
        }
        $database = (string) config('database.connections.sqlite.database');
        $files = (string) config('filesystems.disks.local.root');
        DB::purge();
        $aside = '.before-'.now()->format('Y-m-d-His');
        foreach ([$database, $database.'-wal', $database.'-shm', $files] as $path) {
            file_exists($path) && rename($path, $path.$aside);
        }
        copy($from.'/'.Backup::DATABASE, $database);
        (new Filesystem)->ensureDirectoryExists($files, 0750);
        (new Filesystem)->copyDirectory($from.'/'.Backup::FILES, $files);
        $this->call('migrate', ['--force' => true]);
        $this->line('Restored. What was there before is beside it, its name ending in '.$aside);

        return self::SUCCESS;
    }

    private static function isInUse(): bool
    {
        try {
            return User::query()->exists();
        } catch (Throwable) {
            return false;
        }
    }
}
