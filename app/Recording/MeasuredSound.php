<?php

declare(strict_types=1);

namespace App\Recording;

use App\Adapters\Files;
use App\Adapters\Sound\AudioEncoder;
use App\Models\Take;
use App\Models\TakeState;
use Daybright\Recording\SampleRange;
use Daybright\Recording\Silence;

/** The decoded sound of a take: its length, loudness and waveform, and the silence at its ends. */
final class MeasuredSound
{
    /** Measures a decoded take and keeps it; the file of the sound goes to the take. */
    public static function keep(Take $take, string $sound): void
    {
        $length = AudioEncoder::length($sound);
        $waveform = AudioEncoder::waveform($sound);
        $cuts = Silence::atTheEnds($waveform->loudness, $length);
        $loudness = AudioEncoder::loudness($sound);
        Files::keep($sound, $take->path('sound.flac'));
        $take->fill([
            'state' => TakeState::Ready,
            'length' => $length,
            'loudness' => $loudness,
            'waveform' => $waveform->peaks,
            'cuts' => array_map(static fn (SampleRange $cut): array => $cut->toArray(), $cuts),
        ]);
        if ($take->recorded()->secondsKept() === 0.0) {
            $take->fill([
                'state' => TakeState::Failed,
                'trouble' => 'Nothing is heard in this take: it was paused from beginning to end. Record the slide again.',
            ]);
        }
        $take->save();
    }
}
