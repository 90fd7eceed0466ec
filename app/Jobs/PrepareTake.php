<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Adapters\Files;
use App\Adapters\ProgramFailed;
use App\Adapters\Sound\AudioEncoder;
use App\Models\Take;
use App\Recording\TakeStore;
use Daybright\Recording\SampleRange;
use Daybright\Recording\Silence;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\Storage;
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
        if ($take === null || $take->state === 'ready') {
            return;
        }
        Files::tidily(fn () => $this->prepare($take));
        if ($take->state === 'ready') {
            $takes->choose($take);
        }
    }

    /** Its pieces are kept: whatever went wrong, nothing that was said is lost. */
    public function failed(?Throwable $error): void
    {
        Take::query()->whereKey($this->take)->where('state', 'preparing')->update([
            'state' => 'failed',
            'trouble' => 'This take could not be made ready just now. What you said is kept: press “Prepare again”.',
        ]);
    }

    private function prepare(Take $take): void
    {
        try {
            $sound = AudioEncoder::decode($this->joined($take));
            self::keep($take, $sound);
        } catch (ProgramFailed $failure) {
            if ($failure->isAway) {
                throw $failure;
            }
            report($failure);
            $take->update([
                'state' => 'failed',
                'trouble' => 'No sound could be read from this take. What arrived is kept: press “Prepare again”. If it stays so, check the microphone before you go on.',
            ]);
        }
    }

    private function joined(Take $take): string
    {
        $file = Files::temporary('webm');
        $out = Files::opened($file, 'wb');
        for ($number = 0; $number < $this->pieces; $number++) {
            fwrite($out, (string) Storage::get($take->path(sprintf('pieces/%06d', $number))));
        }
        fclose($out);

        return $file;
    }

    /** Measures a decoded take and keeps it. */
    public static function keep(Take $take, string $sound): void
    {
        $length = AudioEncoder::length($sound);
        $waveform = AudioEncoder::waveform($sound);
        $cuts = Silence::atTheEnds($waveform->loudness, $length);
        $loudness = AudioEncoder::loudness($sound);
        Files::keep($sound, $take->path('sound.flac'));
        $take->fill([
            'state' => 'ready',
            'length' => $length,
            'loudness' => $loudness,
            'waveform' => $waveform->peaks,
            'cuts' => array_map(static fn (SampleRange $cut): array => ['from' => $cut->from, 'to' => $cut->to], $cuts),
        ]);
        if ($take->recorded()->secondsKept() === 0.0) {
            $take->fill([
                'state' => 'failed',
                'trouble' => 'Nothing is heard in this take: it was paused from beginning to end. Record the slide again.',
            ]);
        }
        $take->save();
    }
}
