<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Adapters\Files;
use App\Adapters\ProgramFailed;
use App\Footage\FilmFile;
use App\Models\Footage;
use App\Models\TakeState;
use Daybright\Recording\SampleRange;
use Daybright\Recording\Tracks\Footage\Source;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Throwable;

/** Makes a film that has arrived what every browser plays, on the clock of its take. */
class PrepareFootage implements ShouldQueue
{
    use Queueable;

    public int $tries = 200;

    public int $maxExceptions = 3;

    public int $backoff = 5;

    public int $timeout = 3600;

    public function __construct(private readonly string $footage)
    {
        $this->onQueue('clips');
    }

    /** @return list<object> */
    public function middleware(): array
    {
        return [new KeepsReservation];
    }

    public function handle(): void
    {
        $footage = Footage::query()->find($this->footage);
        if ($footage === null || $footage->state !== TakeState::Preparing) {
            return;
        }
        if ($footage->carried !== null) {
            Files::tidily(fn () => $this->carry($footage, $footage->carried));

            return;
        }
        // When it began stands among what was done in its take, which may still be on its way.
        $starts = $footage->take->startOf($footage);
        if ($starts === null && $footage->take->state === TakeState::Recording) {
            $this->release($this->backoff);

            return;
        }
        Files::tidily(fn () => $this->prepare($footage, $starts ?? 0.0));
    }

    public function failed(?Throwable $error): void
    {
        Footage::query()->whereKey($this->footage)->where('state', TakeState::Preparing)->update([
            'state' => TakeState::Failed,
            'trouble' => 'What was filmed could not be made ready. The recording is shown without it.',
        ]);
    }

    /** @param  array{footage: string, gone: array{from: int, to: int}, length: int}  $carried */
    private function carry(Footage $footage, array $carried): void
    {
        $earlier = Footage::query()->find($carried['footage']);
        if ($earlier?->state === TakeState::Preparing) {
            $this->release($this->backoff);

            return;
        }
        if ($earlier?->state !== TakeState::Ready) {
            $this->failed(null);

            return;
        }
        $gone = new SampleRange($carried['gone']['from'], $carried['gone']['to']);
        Files::keep(FilmFile::withGap(Files::found($earlier->film()), $gone, $carried['length']), $footage->film());
        $footage->update(['state' => TakeState::Ready]);
    }

    private function prepare(Footage $footage, float $starts): void
    {
        try {
            $film = FilmFile::onClock($footage->folder()->joined($footage->pieces, 'webm'), $starts, $footage->source === Source::Window);
        } catch (ProgramFailed $failure) {
            if ($failure->isAway) {
                throw $failure;
            }
            $this->failed($failure);

            return;
        }
        Files::keep($film, $footage->film());
        $footage->update(['state' => TakeState::Ready]);
    }
}
