<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Adapters\Heartbeat;
use Illuminate\Contracts\Queue\Job;
use Illuminate\Queue\Jobs\DatabaseJob;
use Illuminate\Support\Facades\DB;

/**
 * A job middleware: while the worker lives, the job stays reserved for it. A minute after it died, another worker takes the job over.
 */
final class KeepsReservation
{
    public function handle(object $job, callable $next): void
    {
        $queued = $job->job ?? null;
        Heartbeat::during(static fn () => self::renew($queued), static fn () => $next($job));
    }

    private static function renew(?Job $queued): void
    {
        if ($queued instanceof DatabaseJob) {
            $queue = config('queue.connections.database');
            DB::connection($queue['connection'])->table($queue['table'])
                ->where('id', $queued->getJobId())
                ->update(['reserved_at' => now()->getTimestamp()]);
        }
    }
}
