<?php

namespace App\Console;

use App\Adapters\Files;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Symfony\Component\Finder\Finder;

/**
 * Gives back the jobs that a killed worker had begun, so that they are not left lying until their time is up.
 *
 * To be called before the first worker starts, and never beside a running one.
 */
class ResumeJobs extends Command
{
    protected $signature = 'jobs:resume';

    protected $description = 'Begin again what a killed worker had begun';

    public function handle(): int
    {
        $this->clearWorkFolder();
        if (config('queue.default') === 'database') {
            $resumed = DB::connection(config('queue.connections.database.connection'))
                ->table(config('queue.connections.database.table'))
                ->whereNotNull('reserved_at')
                ->update(['reserved_at' => null, 'attempts' => 0]);
            $this->line("Begun again: {$resumed}");
        }

        return self::SUCCESS;
    }

    /** Only what is a day old: another installation of the same checkout may be at work. */
    private function clearWorkFolder(): void
    {
        if (is_dir(Files::workFolder())) {
            File::delete(array_map(strval(...), iterator_to_array((new Finder)->files()->in(Files::workFolder())->date('< 1 day ago'), false)));
        }
    }
}
