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

    /** The quicker of the encoder's two ways takes a third of the time. Up to 15 kHz, as in FM broadcasting; no noise in place of noise. */
    private const AAC = ['-aac_coder', 'fast', '-aac_pns', '0', '-cutoff', '15000', '-b:a', '96k'];

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
        return self::filtered(array_column($parts, 'file'), [self::joined($parts, 'out0')], [], [Files::temporary('flac')])()[0];
    }

    /**
     * The sound of slides in a video, each for itself: a frame of silence, what is heard of its take with its waits put in, and silence up
     * to a whole frame.
     *
     * @param  list<array{file: string, loudness: float, ranges: list<SampleRange>}>  $parts
     * @param  list<list<array{at: int, length: int, clip: array{file: string, from: float, to: float}|null}>>  $waits of each, where and
     *                                                                                    how long, in samples, in order; what is heard
     *                                                                                    meanwhile, in seconds
     * @param  'aac'|'pcm'  $kind AAC in ADTS (ISO/IEC 14496-3), or samples of 16 bits
     * @return Closure(): list<string> it is being made already; waits for it and gives the paths of temporary files
     */
    public static function segments(array $parts, array $waits, string $kind): Closure
    {
        $coded = $kind === 'aac' ? ['-c:a', 'aac', ...self::AAC, '-f', 'adts'] : ['-f', 's16le'];
        $inputs = $graphs = $targets = [];
        foreach ($parts as $number => $part) {
            $clips = array_column(array_filter(array_column($waits[$number], 'clip')), 'file');
            $graphs[] = self::segment($part, $waits[$number], count($inputs), "out{$number}");
            $targets[] = Files::temporary($kind);
            array_push($inputs, $part['file'], ...$clips);
        }

        return self::filtered($inputs, $graphs, $coded, $targets);
    }

    /**
     * @param  array{file: string, loudness: float, ranges: list<SampleRange>}  $part
     * @param  list<array{at: int, length: int, clip: array{file: string, from: float, to: float}|null}>  $waits
     * @param  int  $input which of the inputs it is; its clips are the next
     * @return list<string> chains of a filter graph that end in a label
     */
    private static function segment(array $part, array $waits, int $input, string $label): array
    {
        $heard = array_sum(array_map(static fn (SampleRange $range): int => $range->length(), $part['ranges']));
        $video = new VideoStretch(0, 0, $heard, $waits);
        $edge = ['at' => 0, 'length' => VideoStretch::FRAME, 'clip' => null];
        $rest = ['at' => $heard, 'length' => $video->length() - $video->at($heard, false), 'clip' => null];

        return [
            ...self::joined([$input => $part], 'whole'),
            ...self::withWaits($heard, [$edge, ...$waits, $rest], $input, $label),
        ];
    }

    /**
     * @param  array<int, array{file: string, loudness: float, ranges: list<SampleRange>}>  $parts by the number of the input
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
     * Puts waits into what has the label “whole”: silences, or what is heard in a clip that plays meanwhile.
     *
     * @param  int  $length of it, in samples
     * @param  list<array{at: int, length: int, clip: array{file: string, from: float, to: float}|null}>  $waits
     * @param  int  $input after which its clips are the inputs
     * @return list<string> chains of a filter graph that end in a label
     */
    private static function withWaits(int $length, array $waits, int $input, string $label): array
    {
        $chains = $labels = [];
        $from = 0;
        $end = ['at' => $length, 'length' => 0, 'clip' => null];
        foreach ([...$waits, $end] as $index => ['at' => $at, 'length' => $wait, 'clip' => $clip]) {
            if ($at > $from) {
                $chains[] = "[s{$index}]atrim=start_sample={$from}:end_sample={$at},asetpts=N/SR/TB[p{$index}]";
                $labels["s{$index}"] = "[p{$index}]";
            }
            if ($wait > 0) {
                $input += $clip === null ? 0 : 1;
                $heard = $clip === null ? 'anullsrc=r=48000:cl=mono' : sprintf(
                    '[%d:a]atrim=start=%.3F:end=%.3F,aformat=sample_rates=48000:channel_layouts=mono,asetpts=N/SR/TB,apad',
                    $input,
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
            implode('', $labels).'concat=n='.count($labels).":v=0:a=1[{$label}]",
        ];
    }

    /**
     * @param  list<string>  $inputs
     * @param  list<list<string>>  $graphs chains of a filter graph for each target, that end in “out” and its number
     * @param  list<string>  $coded how each is encoded
     * @param  list<string>  $targets
     * @return Closure(): list<string> it is being made already; waits for it and gives the targets
     */
    private static function filtered(array $inputs, array $graphs, array $coded, array $targets): Closure
    {
        $scripts = array_map(static fn (array $chains): string => Files::temporaryWith(implode(";\n", $chains), 'txt'), $graphs);
        $named = array_merge(...array_map(static fn (string $input): array => ['-i', $input], $inputs));
        $filters = array_merge(...array_map(static fn (string $script): array => ['-filter_complex_script', $script], $scripts));
        $written = array_merge(...array_map(
            static fn (int $number): array => ['-map', "[out{$number}]", ...$coded, $targets[$number]],
            array_keys($targets),
        ));
        $process = Program::started('ffmpeg', ['-v', 'error', '-y', ...$named, ...$filters, ...$written]);

        return static function () use ($process, $scripts, $targets): array {
            Program::finish('ffmpeg', $process);
            array_map(unlink(...), $scripts);

            return $targets;
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
