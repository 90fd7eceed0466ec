<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Adapters\Files;
use App\Adapters\ProgramFailed;
use App\Clips\ClipStopped;
use App\Media\Clip\ClipFile;
use App\Media\MediaStore;
use App\Models\ClipState;
use App\Models\IncomingClip;
use DomainException;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\Storage;
use Throwable;

/** Makes a clip that has arrived what every browser plays, and takes a picture out of it that stands for it. */
class PrepareClip implements ShouldQueue
{
    use Queueable;

    public int $tries = 5;

    public int $maxExceptions = 2;

    public int $backoff = 5;

    public int $timeout = 3600;

    public function __construct(private readonly string $clip)
    {
        $this->onQueue('clips');
    }

    /** @return list<object> */
    public function middleware(): array
    {
        return [new KeepsReservation];
    }

    public function handle(MediaStore $media): void
    {
        $clip = IncomingClip::query()->find($this->clip);
        if ($clip === null || $clip->state !== ClipState::Preparing) {
            return;
        }
        try {
            Files::tidily(fn () => $this->prepare($clip, $media));
            Storage::deleteDirectory($clip->folder());
        } catch (ClipStopped) {
            return;
        } catch (DomainException $trouble) {
            $clip->update(['state' => ClipState::Failed, 'trouble' => $trouble->getMessage()]);
        } catch (ProgramFailed $failure) {
            if ($failure->isAway) {
                throw $failure;
            }
            report($failure);
            $clip->update(['state' => ClipState::Failed, 'trouble' => ClipFile::UNREADABLE]);
        }
    }

    public function failed(?Throwable $error): void
    {
        IncomingClip::query()->whereKey($this->clip)->where('state', ClipState::Preparing)->update([
            'state' => ClipState::Failed,
            'trouble' => 'This clip could not be made ready just now. Choose or film it again.',
        ]);
    }

    private function prepare(IncomingClip $clip, MediaStore $media): void
    {
        $source = ClipFile::open($clip->pieces()->joined($clip->pieces, 'clip'));
        $made = $source->converted(static function (float $share) use ($clip): void {
            $isWanted = IncomingClip::query()->whereKey($clip->id)->update(['progress' => round($share, 3)]) === 1;
            if (! $isWanted) {
                throw new ClipStopped('Stopped by the teacher.');
            }
        });
        $checked = $made->checked();
        $medium = $checked->medium($clip->name);
        $poster = $made->isFilm ? $media->bringIn($clip->user, $made->still($made->seconds / 3), $clip->name) : null;
        $media->keep($clip->user, $checked);
        $clip->update(['state' => ClipState::Ready, 'progress' => 1, 'medium' => $medium, 'poster' => $poster]);
    }
}
