<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Adapters\Files;
use App\Lessons\ReleaseMaker;
use App\Models\Release;
use App\Models\ReleaseState;
use App\Models\Share;
use DomainException;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Throwable;

/** Makes a release ready to watch: the frozen lesson, and the files that belong to it. */
class MakeRelease implements ShouldQueue
{
    use Queueable;

    public int $tries = 5;

    public int $maxExceptions = 2;

    public int $backoff = 5;

    public int $timeout = 1800;

    public function __construct(private readonly string $release)
    {
        $this->onQueue('releases');
    }

    /** @return list<object> */
    public function middleware(): array
    {
        return [new KeepsReservation];
    }

    public function handle(ReleaseMaker $maker): void
    {
        $release = Release::query()->find($this->release);
        if ($release === null || $release->state === ReleaseState::Ready) {
            return;
        }
        Files::tidily(fn () => $this->make($release, $maker));
    }

    private function make(Release $release, ReleaseMaker $maker): void
    {
        $release->fill($maker->make($release))->update(['state' => ReleaseState::Ready]);
        Share::query()->where('lesson_id', $release->lesson_id)->update(['release_id' => $release->id]);
    }

    public function failed(?Throwable $error): void
    {
        $why = $error instanceof DomainException ? $error->getMessage() : 'The programs that join the sound did not do their work.';
        Release::query()->whereKey($this->release)->update([
            'state' => ReleaseState::Failed,
            'trouble' => "This version could not be put together. {$why} Share the lesson as it is now to try again.",
        ]);
    }
}
