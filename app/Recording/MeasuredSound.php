<?php

declare(strict_types=1);

namespace App\Recording;

use App\Adapters\Files;
use App\Adapters\Sound\AudioEncoder;
use App\Models\Take;
use App\Models\TakeState;
use Daybright\Recording\Clock;
use Daybright\Recording\SampleRange;
use Daybright\Recording\Silence;

/** The decoded sound of a take: its length, loudness and waveform, and the silence at its ends. */
final class MeasuredSound
{
    /** Seconds of sound that a busy computer may have lost at the end of a take, at most. */
    private const MOST_MISSING = 10;

    /** Measures a decoded take and keeps it; the file of the sound goes to the take. */
    public static function keep(Take $take, string $sound): void
    {
        $seen = $take->recorded(withWords: false)->seen();
        $heard = AudioEncoder::length($sound);
        $length = $heard === 0 ? 0 : max($heard, min($seen, $heard + self::MOST_MISSING * Clock::RATE));
        if ($length > $heard) {
            // What was done last is seen, even where a busy computer stopped hearing before it stopped recording.
            $longer = AudioEncoder::lengthened($sound, $length);
            unlink($sound);
            $sound = $longer;
        }
        $waveform = AudioEncoder::waveform($sound);
        $cuts = Silence::atTheEnds($waveform->loudness, $length, $seen);
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
