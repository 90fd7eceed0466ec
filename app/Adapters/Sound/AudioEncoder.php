<?php

declare(strict_types=1);

namespace App\Adapters\Sound;

use App\Adapters\Files;
use App\Adapters\Program;
use Closure;
use Daybright\Recording\SampleRange;
use Daybright\Recording\VideoStretch;
use Daybright\Recording\Waveform;

/** Works on sound with ffmpeg. Sound is kept as FLAC, one channel, 48 000 samples a second; every cut is exact to the sample. */
final class AudioEncoder
{
    /** Samples over which a join fades, so that it does not click: 5 ms. */
    private const FADE = 240;

    private const TARGET_LUFS = -16.0;

    /** What is quieter is no voice. */
    private const SILENT_LUFS = -60.0;

    /** Decibels: a microphone that is this far too quiet is still heard. */
    private const MOST_GAIN = 42.0;

    /** Peaks stay a decibel and a half under full scale. */
    private const LIMITER = 'alimiter=limit=0.84:attack=5:release=50:level=false:latency=1';

    /** Decibels of gain from which the limiter may have something to do. */
    private const LOUDER = 3.0;

    private const MOST_LOST = 6.0;

    private const OPUS = ['-c:a', 'libopus', '-b:a', '48k', '-compression_level', '5'];

    /** The quicker of the encoder's two ways takes a third of the time. */
    private const AAC = ['-aac_coder', 'fast', '-b:a', '96k'];

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

    /**
     * @param  int  $length in samples, at least that of the file
     * @return string path of a temporary file: the sound with silence after it
     */
    public static function lengthened(string $file, int $length): string
    {
        $target = Files::temporary('flac');
        Program::run('ffmpeg', ['-v', 'error', '-y', '-i', $file, '-af', "apad=whole_len={$length}", $target]);

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

    /**
     * @return float loudness units relative to full scale (ITU-R BS.1770-4, integrated), as loud as a take has to be taken for so that it
     *               comes out at the common loudness, what the limiter takes away among it; -70 for silence
     */
    public static function loudness(string $file): float
    {
        $measured = self::integrated($file, '');
        $gain = self::gain($measured);
        if ($gain < self::LOUDER) {
            return $measured;
        }
        $lost = self::TARGET_LUFS - self::integrated($file, "volume={$gain}dB,".self::LIMITER.',');

        return $lost > 0 && $lost < self::MOST_LOST ? $measured - $lost : $measured;
    }

    /** @param  string  $before filters that it passes first, each with a comma behind it */
    private static function integrated(string $file, string $before): float
    {
        $report = Program::report(
            'ffmpeg',
            ['-hide_banner', '-nostats', '-i', $file, '-vn', '-af', $before.'ebur128=framelog=verbose:peak=true', '-f', 'null', '-'],
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
        return self::filtered(array_column($parts, 'file'), self::joined($parts, 'out'), [], 'flac')();
    }

    /**
     * The sound of one slide in a video: a frame of silence, what is heard of its take with its waits put in, and silence up to a whole
     * frame.
     *
     * @param  array{file: string, loudness: float, ranges: list<SampleRange>}  $part
     * @param  list<array{at: int, length: int, clip: array{file: string, from: float, to: float}|null}>  $waits where and how long, in
     *                                                                                                    samples, in order; what is
     *                                                                                                    heard meanwhile, in seconds
     * @param  'aac'|'pcm'  $kind AAC in ADTS (ISO/IEC 14496-3), or samples of 16 bits
     * @return Closure(): string it is being made already; waits for it and gives the path of a temporary file
     */
    public static function segment(array $part, array $waits, string $kind): Closure
    {
        $heard = array_sum(array_map(static fn (SampleRange $range): int => $range->length(), $part['ranges']));
        $clips = array_values(array_filter(array_column($waits, 'clip')));
        $video = new VideoStretch(0, 0, $heard, $waits);
        $edge = ['at' => 0, 'length' => VideoStretch::FRAME, 'clip' => null];
        $rest = ['at' => $heard, 'length' => $video->length() - $video->at($heard, false), 'clip' => null];
        $chains = [...self::joined([$part], 'whole'), ...self::withWaits($heard, [$edge, ...$waits, $rest])];
        $coded = $kind === 'aac' ? ['-c:a', 'aac', ...self::AAC, '-f', 'adts'] : ['-f', 's16le'];

        return self::filtered([$part['file'], ...array_column($clips, 'file')], $chains, $coded, $kind);
    }

    /**
     * @param  list<array{file: string, loudness: float, ranges: list<SampleRange>}>  $parts
     * @return list<string> chains of a filter graph that end in a label
     */
    private static function joined(array $parts, string $label): array
    {
        $chains = [];
        $labels = '';
        foreach ($parts as $index => $part) {
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
        $chains[] = "{$labels}concat=n={$total}:v=0:a=1,".self::LIMITER.",aformat=sample_fmts=s16[{$label}]";

        return $chains;
    }

    /**
     * Puts waits into what has the label “whole”: silences, or what is heard in a clip that plays meanwhile. The clips are the inputs
     * after the first.
     *
     * @param  int  $length of it, in samples
     * @param  list<array{at: int, length: int, clip: array{file: string, from: float, to: float}|null}>  $waits
     * @return list<string> chains of a filter graph that end in “out”
     */
    private static function withWaits(int $length, array $waits): array
    {
        $chains = $labels = [];
        $from = $clips = 0;
        $end = ['at' => $length, 'length' => 0, 'clip' => null];
        foreach ([...$waits, $end] as $index => ['at' => $at, 'length' => $wait, 'clip' => $clip]) {
            if ($at > $from) {
                $chains[] = "[s{$index}]atrim=start_sample={$from}:end_sample={$at},asetpts=N/SR/TB[p{$index}]";
                $labels["s{$index}"] = "[p{$index}]";
            }
            if ($wait > 0) {
                $clips += $clip === null ? 0 : 1;
                $heard = $clip === null ? 'anullsrc=r=48000:cl=mono' : sprintf(
                    '[%d:a]atrim=start=%.3F:end=%.3F,aformat=sample_rates=48000:channel_layouts=mono,asetpts=N/SR/TB,apad',
                    $clips,
                    $clip['from'],
                    $clip['to'],
                );
                $chains[] = "{$heard},atrim=end_sample={$wait},aformat=sample_fmts=s16[q{$index}]";
                $labels["q{$index}"] = "[q{$index}]";
            }
            $from = $at;
        }
        $splits = array_values(array_filter(array_keys($labels), static fn (string $name): bool => $name[0] === 's'));
        $split = implode('', array_map(static fn (string $name): string => "[{$name}]", $splits));

        return [
            '[whole]asplit='.count($splits).$split,
            ...$chains,
            implode('', $labels).'concat=n='.count($labels).':v=0:a=1[out]',
        ];
    }

    /**
     * @param  list<string>  $inputs
     * @param  list<string>  $chains of a filter graph that end in “out”
     * @param  list<string>  $coded how it is encoded
     * @return Closure(): string it is being made already; waits for it and gives the path of a temporary file
     */
    private static function filtered(array $inputs, array $chains, array $coded, string $ending): Closure
    {
        $target = Files::temporary($ending);
        $script = Files::temporaryWith(implode(";\n", $chains), 'txt');
        $named = array_merge(...array_map(static fn (string $input): array => ['-i', $input], $inputs));
        $arguments = ['-v', 'error', '-y', ...$named, '-filter_complex_script', $script, '-map', '[out]', ...$coded, $target];
        $process = Program::started('ffmpeg', $arguments);

        return static function () use ($process, $script, $target): string {
            Program::finish('ffmpeg', $process);
            unlink($script);

            return $target;
        };
    }

    /** @param  'webm'|'m4a'  $kind */
    public static function encode(string $flac, string $kind): string
    {
        $target = Files::temporary($kind);
        $codec = $kind === 'webm'
            ? self::OPUS
            : ['-c:a', 'aac', ...self::AAC, '-movflags', '+faststart'];
        Program::run('ffmpeg', ['-v', 'error', '-y', '-i', $flac, ...$codec, $target]);

        return $target;
    }

    /**
     * @param  string  $file samples of 16 bits
     * @return string path of a temporary file
     */
    public static function encodeSamples(string $file): string
    {
        $target = Files::temporary('webm');
        Program::run('ffmpeg', ['-v', 'error', '-y', '-f', 's16le', '-ar', '48000', '-ac', '1', '-i', $file, ...self::OPUS, $target]);

        return $target;
    }

    /** @return float decibels that bring a take or a clip to the common loudness; a nearly silent one is left alone */
    public static function gain(float $loudness): float
    {
        return $loudness < self::SILENT_LUFS ? 0.0 : round(max(-20.0, min(self::MOST_GAIN, self::TARGET_LUFS - $loudness)), 2);
    }
}
