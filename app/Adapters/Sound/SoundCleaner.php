<?php

declare(strict_types=1);

namespace App\Adapters\Sound;

use App\Adapters\Files;
use App\Adapters\Program;
use Daybright\Recording\Hum;

/** Makes hum, hiss and clicks of a take less, and leaves the voice and its time as they are. */
final class SoundCleaner
{
    /** Clicks: what stands out six times from what is expected of the samples around it. */
    private const CLICKS = 'adeclick=t=6';

    /** Hertz of what is taken out around a tone of the mains: a voice that passes it loses a third of a decibel. */
    private const NOTCH = 2;

    /** Decibels by which hiss is made less; more sounds like water. */
    private const LESS = 12;

    /** Below this, in decibels of full scale, hiss is not heard. */
    private const SILENT = -72.0;

    /** Decibels from the level that is measured between words to that which the filter takes for noise. */
    private const ABOVE = 4.0;

    /** Samples by which the filter of hiss is late, at 48 000 a second. */
    private const LATE = 1200;

    /** @return string path of a temporary file as long as the one that is cleaned */
    public static function clean(string $file): string
    {
        $hiss = self::hiss($file);
        $chain = [
            self::CLICKS,
            ...array_map(
                static fn (int $hertz): string => "bandreject=f={$hertz}:width_type=h:w=".self::NOTCH,
                self::hum($file),
            ),
            ...$hiss < self::SILENT ? [] : [
                sprintf('afftdn=nr=%d:nf=%.1F', self::LESS, max(-80.0, min(-20.0, $hiss + self::ABOVE))),
                'atrim=start_sample='.self::LATE,
                'asetpts=N/SR/TB',
            ],
            'apad',
            'atrim=end_sample='.AudioEncoder::length($file),
        ];
        $target = Files::temporary('flac');
        Program::run('ffmpeg', ['-v', 'error', '-y', '-i', $file, '-af', implode(',', $chain), '-sample_fmt', 's16', $target]);

        return $target;
    }

    /** @return float decibels of full scale at the quietest moment, without the low tones of a hum */
    private static function hiss(string $file): float
    {
        $measure = 'highpass=f=400,astats=length=0.1:measure_perchannel=none:measure_overall=RMS_trough';
        $report = Program::report('ffmpeg', ['-hide_banner', '-nostats', '-i', $file, '-af', $measure, '-f', 'null', '-']);

        return preg_match('/RMS trough dB: (-?[\d.]+)/', $report, $match) === 1 ? (float) $match[1] : -INF;
    }

    /** @return list<int> hertz of the tones of a hum */
    private static function hum(string $file): array
    {
        $sound = Program::run('ffmpeg', ['-v', 'error', '-i', $file, '-ac', '1', '-ar', (string) Hum::RATE, '-f', 'f32le', '-']);

        /** @var array<int, float> $samples */
        $samples = unpack('g*', $sound) ?: [];

        return Hum::find(array_values($samples));
    }
}
