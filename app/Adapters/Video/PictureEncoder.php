<?php

declare(strict_types=1);

namespace App\Adapters\Video;

use App\Adapters\Files;
use App\Adapters\Program;
use App\Adapters\ProgramSocket;
use Closure;
use Generator;

/** Encodes the pictures of segments, each into a file that can be put behind others of its kind. */
final class PictureEncoder
{
    /** Changes with the settings below: what was encoded with others cannot be joined with it. */
    public const EDITION = 2;

    /** Milliseconds by which the last picture may be away from the computed end. */
    private const MOST_APART = 100;

    /** Seconds between two words of the encoder, of which the last is wanted alone. */
    private const PATIENCE = 3600;

    /** Seconds between two tellings of the progress. */
    private const REPORTED_EVERY = 0.5;

    /** Alike for all that are joined: what a decoder is told once has to be true of each. */
    private const H264 = ['-c:v', 'libx264', '-preset', 'ultrafast', '-bf', '0', '-g', '1000', '-threads', '2'];

    /** Slides hardly change from picture to picture: one quality for all needs no looking ahead, and is too good for softened edges. */
    private const STILL = ['-qp', '18', '-x264-params', 'cabac=1:8x8dct=1:stitchable=1'];

    private const FILMED = ['-crf', '23', '-x264-params', 'cabac=1:8x8dct=1:stitchable=1:deblock=0,0:aq-mode=1'];

    private const VP9 = [
        '-c:v', 'libvpx-vp9', '-b:v', '0', '-crf', '34', '-deadline', 'realtime', '-cpu-used', '8', '-lag-in-frames', '0',
        '-row-mt', '1', '-g', '1000',
    ];

    /**
     * Several by one program: to start it takes as long as a slide on which nothing is drawn.
     *
     * @param  non-empty-list<SegmentPictures>  $segments of one choice, filmed all or none
     * @param  Closure(float): void  $progress
     * @return non-empty-list<string> paths of temporary files
     *
     * @throws VideoFailed when pictures are missing, or a segment begins elsewhere
     */
    public function encode(array $segments, Closure $progress): array
    {
        $choice = $segments[0]->segment->choice;
        $begins = self::beginnings($segments);
        $length = (int) array_pop($begins);
        $kind = $choice->ending();
        $list = Files::temporary('csv');
        $folder = Files::temporary('');
        mkdir($folder, 0700, true);
        $socket = ProgramSocket::open();
        $encoder = Program::process('ffmpeg', [
            '-v', 'error', '-y', '-progress', 'pipe:1', '-stats_period', (string) self::PATIENCE,
            '-f', 'matroska', '-thread_queue_size', '8', '-i', $socket->address, '-fps_mode', 'passthrough', '-enc_time_base', '1:1000',
            '-force_key_frames', self::seconds(self::keyTimes($segments, $begins)), ...self::codec($segments[0]->segment),
            '-pix_fmt', 'yuv420p', '-color_primaries', 'bt709', '-color_trc', 'bt709', '-colorspace', 'bt709', '-color_range', 'tv',
            '-f', 'segment', '-segment_format', $kind, '-segment_times', self::seconds([...array_slice($begins, 1), $length]),
            '-segment_list', $list, '-segment_list_type', 'csv', '-reset_timestamps', '1',
            ...$choice->isWebm ? [] : ['-segment_format_options', 'video_track_timescale=1000'], "{$folder}/%d.{$kind}",
        ]);
        $frames = 0;
        $shown = self::told(self::oneAfterAnother($segments, $begins), $length, $progress, $frames);
        $writer = new MatroskaWriter($choice->shape->width(), $choice->shape->height());
        $socket->feed('ffmpeg', $encoder, $writer->stream($shown));
        self::refuseOther($encoder->getOutput(), $frames, $length);
        self::refuseElsewhere($list, $begins);

        return array_map(static fn (int $number): string => "{$folder}/{$number}.{$kind}", array_keys($segments));
    }

    /** @return list<string> */
    private static function codec(VideoSegment $segment): array
    {
        return $segment->choice->isWebm ? self::VP9 : [...self::H264, ...$segment->isFilmed() ? self::FILMED : self::STILL];
    }

    /**
     * @param  list<SegmentPictures>  $segments
     * @return list<int> milliseconds at which each begins when they stand one after another, and the end
     */
    private static function beginnings(array $segments): array
    {
        $begins = [0];
        foreach ($segments as $number => $segment) {
            $begins[] = $begins[$number] + (int) ceil($segment->length());
        }

        return $begins;
    }

    /**
     * @param  list<SegmentPictures>  $segments
     * @param  list<int>  $begins
     * @return list<float>
     */
    private static function keyTimes(array $segments, array $begins): array
    {
        $times = array_map(
            static fn (SegmentPictures $segment, int $from): array => array_map(
                static fn (float $at): float => $from + $at,
                $segment->keyTimes(),
            ),
            $segments,
            $begins,
        );

        return array_merge(...$times);
    }

    /**
     * @param  list<SegmentPictures>  $segments
     * @param  list<int>  $begins
     * @return Generator<int, string>
     */
    private static function oneAfterAnother(array $segments, array $begins): Generator
    {
        foreach ($segments as $number => $segment) {
            foreach ($segment->frames() as $at => $frame) {
                yield $begins[$number] + $at => $frame;
            }
        }
    }

    /**
     * @param  Generator<int, string>  $frames
     * @param  Closure(float): void  $progress
     * @return Generator<int, string> the same, counted and told of
     */
    private static function told(Generator $frames, int $length, Closure $progress, int &$count): Generator
    {
        $reported = 0.0;
        foreach ($frames as $at => $frame) {
            $count++;
            if (microtime(true) - $reported > self::REPORTED_EVERY) {
                $reported = microtime(true);
                $progress($at / max(1, $length));
            }
            yield $at => $frame;
        }
    }

    /** @param  list<int|float>  $milliseconds */
    private static function seconds(array $milliseconds): string
    {
        return implode(',', array_map(static fn (int|float $at): string => sprintf('%.3F', $at / 1000), $milliseconds));
    }

    /**
     * A picture too few or too many, or a wrong length, would show answers before they are explained.
     *
     * @param  string  $progress what the encoder said of it; the last counts
     */
    private static function refuseOther(string $progress, int $frames, int $length): void
    {
        [$made, $microseconds] = [self::last('frame', $progress), self::last('out_time_us', $progress)];
        if ($made !== $frames) {
            throw VideoFailed::countDiffers('pictures', $frames, $made);
        }
        if (abs($microseconds / 1000 - $length) > self::MOST_APART) {
            throw VideoFailed::countDiffers('seconds', round($length / 1000, 3), round($microseconds / 1e6, 3));
        }
    }

    private static function last(string $name, string $progress): int
    {
        preg_match_all("/^{$name}=\\s*(\\d+)/m", $progress, $said);

        return (int) (end($said[1]) ?: 0);
    }

    /** @param  list<int>  $begins */
    private static function refuseElsewhere(string $list, array $begins): void
    {
        $made = array_map(
            static fn (string $line): int => (int) round(1000 * (float) str_getcsv($line)[1]),
            file($list, FILE_IGNORE_NEW_LINES) ?: [],
        );
        if ($made !== $begins) {
            throw VideoFailed::because('The slides of a video begin at '.implode(', ', $made).' and not at '.implode(', ', $begins).' ms');
        }
    }
}
