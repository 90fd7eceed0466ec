<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Adapters\Files;
use App\Adapters\Sound\AudioEncoder;
use App\Lessons\HandoutFile;
use App\Models\Release;
use App\Models\Share;
use Daybright\Recording\Clock;
use Daybright\Recording\PausePoint;
use Daybright\Release\LessonFreezer;
use DomainException;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Throwable;

/** Makes a release ready to watch: one sound for the page, one with the pauses in it for the video, and the frozen lesson. */
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

    public function handle(LessonFreezer $freezer, HandoutFile $handout): void
    {
        $release = Release::query()->find($this->release);
        if ($release === null || $release->state === 'ready') {
            return;
        }
        Files::tidily(fn () => $this->make($release, $freezer, $handout));
    }

    private function make(Release $release, LessonFreezer $freezer, HandoutFile $handout): void
    {
        $timeline = $release->timeline();
        $loudness = array_column($release->takes, 'loudness', 'id');
        $joined = AudioEncoder::join(array_map(static fn ($segment): array => [
            'file' => Files::local("takes/{$segment->take->id}/sound.flac"),
            'loudness' => (float) $loudness[$segment->take->id],
            'ranges' => $segment->kept->ranges,
        ], $timeline->segments));
        Files::keep(AudioEncoder::encode($joined, 'webm'), $release->path('sound.webm'));
        Files::keep(AudioEncoder::encode($joined, 'm4a'), $release->path('sound.m4a'));
        $waiting = AudioEncoder::withPauses($joined, array_map(static fn (PausePoint $pause): array => [$pause->at, $pause->seconds * Clock::RATE], $timeline->pauses()));
        Files::keep(AudioEncoder::encode($waiting, 'm4a'), $release->path('video-sound.m4a'));
        $pages = $handout->pages($release->read());
        if ($pages !== []) {
            Files::keep(HandoutFile::pdf($pages), $release->path('handout.pdf'));
        }
        $release->update([
            'state' => 'ready',
            'programme' => $freezer->freeze($release->read(), $timeline)->toArray(),
        ]);
        Share::query()->where('lesson_id', $release->lesson_id)->update(['release_id' => $release->id]);
    }

    public function failed(?Throwable $error): void
    {
        $why = $error instanceof DomainException ? $error->getMessage() : 'The programs that join the sound did not do their work.';
        Release::query()->whereKey($this->release)->update(['state' => 'failed', 'trouble' => "This version could not be put together. {$why} Share the lesson as it is now to try again."]);
    }
}
