<?php

declare(strict_types=1);

namespace App\Adapters\Sound;

use App\Adapters\Files;
use App\Adapters\Program;
use Daybright\Recording\SampleRange;
use Daybright\Recording\Waveform;

/** Works on sound with ffmpeg. Sound is kept as FLAC, one channel, 48 000 samples a second; every cut is exact to the sample. */
final class AudioEncoder
{
    /** Samples over which a join fades, so that it does not click: 5 ms. */
    private const FADE = 240;

    private const TARGET_LUFS = -16.0;

    /** Decodes what a browser recorded. Gaps in its time stamps are kept as silence, so that events stay in place. */
    public static function decode(string $source): string
    {
        $target = Files::temporary('flac');
        Program::run(
            'ffmpeg',
            [
                '-v',
                'error',
                '-y',
                '-i',
                $source,
                '-vn',
                '-af',
                'aresample=48000:async=1:min_hard_comp=0.005:first_pts=0',
                '-ac',
                '1',
                '-sample_fmt',
                's16',
                $target,
            ],
        );

        return $target;
    }

    /** @return int samples */
    public static function length(string $file): int
    {
        $seconds = trim(Program::run(
            'ffprobe',
            ['-v', 'error', '-select_streams', 'a:0', '-show_entries', 'stream=duration_ts', '-of', 'csv=p=0', $file],
        ));

        return (int) $seconds;
    }

    /** @return float loudness units relative to full scale (ITU-R BS.1770-4, integrated); -70 for silence */
    public static function loudness(string $file): float
    {
        $report = Program::report(
            'ffmpeg',
            ['-hide_banner', '-nostats', '-i', $file, '-vn', '-af', 'ebur128=framelog=verbose:peak=true', '-f', 'null', '-'],
        );

        return preg_match_all('/I:\s+(-?[\d.]+) LUFS/', $report, $match) > 0 ? (float) end($match[1]) : -70.0;
    }

    public static function waveform(string $file): Waveform
    {
        return Waveform::measure(Program::run(
            'ffmpeg',
            ['-v', 'error', '-i', $file, '-ac', '1', '-ar', (string) Waveform::RATE, '-f', 's16le', '-'],
        ));
    }

    /**
     * Plays ranges of files one after another into one file, each file brought to the same loudness.
     *
     * @param  list<array{file: string, loudness: float, ranges: list<SampleRange>}>  $parts
     */
    public static function join(array $parts): string
    {
        $inputs = $chains = [];
        $labels = '';
        foreach ($parts as $index => $part) {
            array_push($inputs, '-i', $part['file']);
            $count = count($part['ranges']);
            $splits = implode('', array_map(static fn (int $each): string => "[i{$index}_{$each}]", range(0, $count - 1)));
            $chains[] = "[{$index}:a]aformat=sample_rates=48000:channel_layouts=mono,volume="
                .self::gain($part['loudness'])
                .'dB'
                .",asplit={$count}{$splits}";
            foreach ($part['ranges'] as $each => $range) {
                $length = $range->length();
                $fade = min(self::FADE, intdiv($length, 2));
                $fades = $fade > 0 ? ",afade=t=in:ss=0:ns={$fade},afade=t=out:ss=".($length - $fade).":ns={$fade}" : '';
                $chains[] = "[i{$index}_{$each}]atrim=start_sample={$range->from}:end_sample={$range->to},asetpts=N/SR/TB{$fades}[o{$index}_{$each}]";
                $labels .= "[o{$index}_{$each}]";
            }
        }
        $total = array_sum(array_map(static fn (array $part): int => count($part['ranges']), $parts));
        $chains[] = "{$labels}concat=n={$total}:v=0:a=1,alimiter=limit=0.84:attack=5:release=50:level=false:latency=1,aformat=sample_fmts=s16[out]";
        $target = Files::temporary('flac');
        $script = Files::temporary('txt');
        file_put_contents($script, implode(";\n", $chains));
        Program::run('ffmpeg', ['-v', 'error', '-y', ...$inputs, '-filter_complex_script', $script, '-map', '[out]', $target]);
        unlink($script);

        return $target;
    }

    /**
     * Puts waits into a sound: silences, or what is heard in a clip that plays meanwhile.
     *
     * @param  list<array{at: int, length: int, clip: array{file: string, from: float, to: float}|null}>  $waits where and how long, in
     *                                                                                                    samples, in order; the clip
     *                                                                                                    in seconds
     */
    public static function withWaits(string $flac, array $waits): string
    {
        $target = Files::temporary('flac');
        $chains = $labels = $inputs = [];
        $from = 0;
        $cuts = [...$waits, ['at' => self::length($flac), 'length' => 0, 'clip' => null]];
        foreach ($cuts as $index => ['at' => $at, 'length' => $silence, 'clip' => $clip]) {
            if ($at > $from) {
                $chains[] = "[s{$index}]atrim=start_sample={$from}:end_sample={$at},asetpts=N/SR/TB[p{$index}]";
                $labels["s{$index}"] = "[p{$index}]";
            }
            if ($silence > 0) {
                $heard = 'anullsrc=r=48000:cl=mono';
                if ($clip !== null) {
                    array_push($inputs, '-ss', sprintf('%.3F', $clip['from']), '-to', sprintf('%.3F', $clip['to']), '-i', $clip['file']);
                    $heard = '['.intdiv(count($inputs), 6).':a]aformat=sample_rates=48000:channel_layouts=mono,asetpts=N/SR/TB,apad';
                }
                $chains[] = "{$heard},atrim=end_sample={$silence},aformat=sample_fmts=s16[q{$index}]";
                $labels["q{$index}"] = "[q{$index}]";
            }
            $from = $at;
        }
        $splits = array_values(array_filter(array_keys($labels), static fn (string $name): bool => $name[0] === 's'));
        array_unshift(
            $chains,
            '[0:a]asplit='.count($splits).implode('', array_map(static fn (string $name): string => "[{$name}]", $splits)),
        );
        $chains[] = implode('', $labels).'concat=n='.count($labels).':v=0:a=1[out]';
        $script = Files::temporary('txt');
        file_put_contents($script, implode(";\n", $chains));
        Program::run('ffmpeg', ['-v', 'error', '-y', '-i', $flac, ...$inputs, '-filter_complex_script', $script, '-map', '[out]', $target]);
        unlink($script);

        return $target;
    }

    /** @param  'webm'|'m4a'  $kind */
    public static function encode(string $flac, string $kind): string
    {
        $target = Files::temporary($kind);
        $codec = $kind === 'webm'
            ? ['-c:a', 'libopus', '-b:a', '48k', '-compression_level', '5']
            : ['-c:a', 'aac', '-b:a', '96k', '-movflags', '+faststart'];
        Program::run('ffmpeg', ['-v', 'error', '-y', '-i', $flac, ...$codec, $target]);

        return $target;
    }

    /** @return float decibels that bring a take or a clip to the common loudness; a nearly silent one is left alone */
    public static function gain(float $loudness): float
    {
        return $loudness < -50 ? 0.0 : round(max(-20.0, min(24.0, self::TARGET_LUFS - $loudness)), 2);
    }
}
