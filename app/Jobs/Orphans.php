<?php

declare(strict_types=1);

namespace App\Jobs;

use Illuminate\Support\Facades\DB;

/** Tells whether the queue still holds a job for a thing that waits for one. */
final class Orphans
{
    /**
     * Ids are long and random, so that one found in a job's payload is that one.
     *
     * Another queue than the database's keeps its jobs by itself: nothing is taken for forgotten there.
     */
    public static function hasJob(string $id): bool
    {
        $queue = config('queue.connections.database');

        return config('queue.default') !== 'database'
            || DB::connection($queue['connection'])->table($queue['table'])->where('payload', 'like', "%{$id}%")->exists();
    }
}
