<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Adapters\Files;
use App\Adapters\PieceFolder;
use App\Adapters\ProgramFailed;
use App\Adapters\Sound\AudioEncoder;
use App\Models\Take;
use App\Models\TakeState;
use App\Recording\ContinuedTake;
use App\Recording\MeasuredSound;
use App\Recording\SaidAgain;
use App\Recording\SoughtWords;
use App\Recording\TakeStore;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Throwable;

/** Makes a finished recording ready to hear: joined, decoded, measured, its silent ends marked as cuts. */
class PrepareTake implements ShouldQueue
{
    use Queueable;

    public int $tries = 5;

    /** A program that was missing or hung may be back at the next try. */
    public int $maxExceptions = 3;

    public int $backoff = 5;

    public int $timeout = 900;

    public function __construct(private readonly string $take, private readonly int $pieces)
    {
        $this->onQueue('takes');
    }

    /** @return list<object> */
    public function middleware(): array
    {
        return [new KeepsReservation];
    }

    public function handle(TakeStore $takes): void
    {
        $take = Take::query()->find($this->take);
        if ($take === null || $take->state === TakeState::Ready) {
            return;
        }
        Files::tidily(function () use ($take, $takes): void {
            $this->prepare($take);
            if ($take->state === TakeState::Ready) {
                // The same room and the same microphone as before.
                $take->update(['cleaned' => $take->lesson->takes()->where('chosen', true)->where('cleaned', true)->exists()]);
                $takes->choose($take);
                SoughtWords::begin($take);
                PrepareVideo::soon($take->lesson_id);
            }
        });
    }

    /** Its pieces are kept: whatever went wrong, nothing that was said is lost. */
    public function failed(?Throwable $error): void
    {
        Take::query()->whereKey($this->take)->where('state', TakeState::Preparing)->update([
            'state' => TakeState::Failed,
            'trouble' => 'This take could not be made ready just now. What you said is kept: press “Prepare again”.',
        ]);
    }

    private function prepare(Take $take): void
    {
        try {
            $sound = AudioEncoder::decode((new PieceFolder($take->path('pieces')))->joined($this->pieces, 'webm'));
            $again = SaidAgain::in($take, $sound);
            MeasuredSound::keep($take, $again?->sound() ?? ContinuedTake::sound($take, $sound));
            $again === null ? ContinuedTake::keepEdits($take) : $again->keep($take);
        } catch (ProgramFailed $failure) {
            if ($failure->isAway) {
                throw $failure;
            }
            report($failure);
            $take->update([
                'state' => TakeState::Failed,
                'trouble' => 'No sound could be read from this take. What arrived is kept: press “Prepare again”. If it stays so, check the microphone before you go on.',
            ]);
        }
    }
}
