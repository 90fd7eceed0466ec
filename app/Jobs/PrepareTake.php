<?php

namespace App\Jobs;

use App\Adapters\Files;
use App\Adapters\ProgramFailed;
use App\Adapters\Sound\SoundDesk;
use App\Models\Take;
use App\Recording\TakeStore;
use Daybright\Recording\Silence;
use Daybright\Recording\Stretch;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\Storage;

/** Makes a finished recording ready to hear: joined, decoded, measured, its silent ends marked as cuts. */
class PrepareTake implements ShouldQueue
{
    use Queueable;

    public int $tries = 3;

    public int $timeout = 900;

    public function __construct(private readonly string $take, private readonly int $pieces)
    {
    }

    public function handle(TakeStore $takes): void
    {
        $take = Take::query()->find($this->take);
        if ($take === null || $take->state === 'ready') {
            return;
        }
        $recorded = $this->joined($take);
        try {
            $sound = SoundDesk::decode($recorded);
        } catch (ProgramFailed $failure) {
            report($failure);
            $take->update(['state' => 'failed', 'trouble' => 'The sound of this take could not be read. Record the slide again.']);

            return;
        } finally {
            unlink($recorded);
        }
        self::keep($take, $sound);
        if ($take->state === 'ready') {
            $takes->choose($take);
        }
    }

    private function joined(Take $take): string
    {
        $file = Files::temporary('webm');
        $out = fopen($file, 'wb');
        for ($number = 0; $number < $this->pieces; $number++) {
            fwrite($out, (string) Storage::get($take->path(sprintf('pieces/%06d', $number))));
        }
        fclose($out);

        return $file;
    }

    /** Measures a decoded take and keeps it. */
    public static function keep(Take $take, string $sound): void
    {
        $length = SoundDesk::length($sound);
        $waveform = SoundDesk::waveform($sound);
        $cuts = Silence::atTheEnds($waveform->loudness, $length);
        $loudness = SoundDesk::loudness($sound);
        Files::keep($sound, $take->path('sound.flac'));
        $take->fill([
            'state' => 'ready',
            'length' => $length,
            'loudness' => $loudness,
            'waveform' => $waveform->peaks,
            'cuts' => array_map(static fn (Stretch $cut): array => ['from' => $cut->from, 'to' => $cut->to], $cuts),
        ]);
        if ($take->recorded()->secondsHeard() === 0.0) {
            $take->fill(['state' => 'failed', 'trouble' => 'Nothing is heard in this take: it was paused from beginning to end. Record the slide again.']);
        }
        $take->save();
    }
}
