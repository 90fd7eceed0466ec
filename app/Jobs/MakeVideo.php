<?php

namespace App\Jobs;

use App\Adapters\Files;
use App\Adapters\Video\VideoCancelled;
use App\Adapters\Video\VideoMaker;
use App\Models\Export;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Throwable;

/** Makes the video file of a release, tells how far it is, and stops when the teacher says so. */
class MakeVideo implements ShouldQueue
{
    use Queueable;

    public int $tries = 5;

    public int $maxExceptions = 1;

    public int $timeout = 3600;

    public function __construct(private readonly string $export)
    {
        $this->onQueue('videos');
    }

    /** @return list<object> */
    public function middleware(): array
    {
        return [new KeepsReservation];
    }

    public function handle(VideoMaker $maker): void
    {
        $export = Export::query()->find($this->export);
        // One that is being made already was begun by a worker that died: it is made anew.
        if ($export === null || ! in_array($export->state, ['waiting', 'making'], true)) {
            return;
        }
        $export->update(['state' => 'making', 'progress' => 0]);
        try {
            Files::tidily(fn () => $this->make($export, $maker));
        } catch (VideoCancelled) {
            return;
        }
    }

    private function make(Export $export, VideoMaker $maker): void
    {
        $made = $maker->make($export->release, static function (float $share) use ($export): void {
            if ($export->fresh()?->state !== 'making') {
                throw new VideoCancelled('Stopped by the teacher.');
            }
            $export->update(['progress' => round($share, 3)]);
        });
        $bytes = filesize($made['video']);
        Files::keep($made['video'], $export->path('lesson.mp4'));
        Files::keep($made['captions'], $export->path('captions.vtt'));
        $export->update(['state' => 'ready', 'progress' => 1, 'bytes' => $bytes]);
    }

    public function failed(?Throwable $error): void
    {
        Export::query()->whereKey($this->export)->update(['state' => 'failed', 'trouble' => 'The video could not be made. Press “Make it again”; if it fails again, share a new version first.']);
    }
}
