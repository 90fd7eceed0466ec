<?php

declare(strict_types=1);

namespace App\Console;

use App\Adapters\Files;
use App\Clips\ClipStore;
use App\Footage\FootageStore;
use App\Jobs\MakeExport;
use App\Jobs\MakeRelease;
use App\Jobs\Orphans;
use App\Models\Export;
use App\Models\ExportState;
use App\Models\Release;
use App\Models\ReleaseState;
use App\Recording\TakeStore;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Symfony\Component\Finder\Finder;

/** Looks after the queue, at the start and every minute: whatever waits for work is going to be worked on. */
class TendJobs extends Command
{
    protected $signature = 'jobs:tend {--at-start : no worker is running yet, so whatever one had begun is begun again}';

    protected $description = 'Queue again what was forgotten or broken off, and clear away unfinished files';

    /** Seconds by which a clock may differ from itself. */
    private const CLOCK = 60;

    public function handle(TakeStore $takes, ClipStore $clips, FootageStore $footage): int
    {
        $this->clearWorkFolder();
        if (config('queue.default') === 'database') {
            $this->mendReservations();
        }
        $recorded = $takes->prepareForgotten() + $clips->prepareForgotten() + $footage->prepareForgotten();
        $again = $recorded + self::releases() + self::exports();
        $this->line("Queued again: {$again}");

        return self::SUCCESS;
    }

    /** A job that was reserved or put off by a clock that ran ahead would wait until the clock has come there again. */
    private function mendReservations(): void
    {
        $queue = config('queue.connections.database');
        $jobs = static fn () => DB::connection($queue['connection'])->table($queue['table']);
        $soon = now()->getTimestamp() + self::CLOCK;
        $jobs()->where('available_at', '>', $soon)->update(['available_at' => now()->getTimestamp()]);
        $jobs()->where('reserved_at', '>', $soon)->update(['reserved_at' => null]);
        if ($this->option('at-start')) {
            $jobs()->whereNotNull('reserved_at')->update(['reserved_at' => null, 'attempts' => 0]);
        }
    }

    private static function releases(): int
    {
        return Release::query()->where('state', ReleaseState::Making)
            ->pluck('id')
            ->reject(Orphans::hasJob(...))
            ->each(static fn (string $id) => MakeRelease::dispatch($id))
            ->count();
    }

    private static function exports(): int
    {
        return Export::query()->whereIn('state', ExportState::ON_THE_WAY)
            ->pluck('id')
            ->reject(Orphans::hasJob(...))
            ->each(static fn (string $id) => MakeExport::dispatch($id))
            ->count();
    }

    /** Only what is half a day old: another installation of the same checkout may be at work. */
    private function clearWorkFolder(): void
    {
        if (! is_dir(Files::workFolder())) {
            return;
        }
        File::delete(array_map(
            strval(...),
            iterator_to_array((new Finder)->files()->in(Files::workFolder())->date('< 12 hours ago'), false),
        ));
    }
}
