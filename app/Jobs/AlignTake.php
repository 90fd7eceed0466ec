<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Adapters\Files;
use App\Adapters\ProgramFailed;
use App\Alignment\SoundAlignment;
use App\Models\Take;
use App\Models\TakeState;
use App\Recording\SoughtWords;
use Daybright\Recording\SlideScript;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;

/** Looks for the words of the script in a take that is ready. Until it has, and where it cannot, they are shared out between pauses. */
class AlignTake implements ShouldQueue
{
    use Queueable;

    public int $tries = 3;

    public int $backoff = 30;

    public int $timeout = 1800;

    public function __construct(private readonly string $take)
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
        $this->find();
        $this->end();
    }

    public function failed(): void
    {
        $this->end();
    }

    /** Whoever waits for the words waits no longer, whether they were found or not. */
    private function end(): void
    {
        Take::query()->whereKey($this->take)->update(['words_awaited' => false]);
    }

    private function find(): void
    {
        $take = Take::query()->with('lesson')->find($this->take);
        $lesson = $take?->lesson->read();
        $slide = $take === null ? null : $lesson?->slide($take->slide);
        if ($take === null || $lesson === null || $slide === null || $take->state !== TakeState::Ready) {
            return;
        }
        $script = SlideScript::text($slide);
        try {
            $found = SoundAlignment::find(Files::found($take->path('sound.flac')), $script, $lesson->language);
        } catch (ProgramFailed $failure) {
            if ($failure->isAway) {
                throw $failure;
            }
            report($failure);
            $found = SoundAlignment::NOTHING;
        }
        $take->update(['alignment' => ['script' => SoughtWords::hash($script, $lesson->language)] + $found]);
    }
}
