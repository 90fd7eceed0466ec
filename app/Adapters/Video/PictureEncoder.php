<?php

declare(strict_types=1);

namespace App\Adapters\Video;

use App\Adapters\Files;
use App\Adapters\Program;
use App\Adapters\ProgramSocket;
use Closure;
use Daybright\Recording\Clock;
use Generator;

/** Encodes the pictures of a segment, one for every change, into a file that can be put behind others of its kind. */
final class PictureEncoder
{
    /** Milliseconds by which the length of a segment may differ from the one that was computed. */
    private const MOST_APART = 100;

    /** Seconds between two tellings of the progress. */
    private const REPORTED_EVERY = 0.5;

    /** Of slides the quickest preset is as good as “veryfast” (by SSIM), at three quarters of the work, when it has these tools. */
    private const H264 = [
        '-c:v', 'libx264', '-preset', 'ultrafast', '-x264-params', 'cabac=1:deblock=0,0:8x8dct=1:aq-mode=1', '-crf', '23', '-bf', '0',
        '-g', '1000', '-video_track_timescale', '1000',
    ];

    private const VP9 = [
        '-c:v', 'libvpx-vp9', '-b:v', '0', '-crf', '34', '-deadline', 'realtime', '-cpu-used', '8', '-lag-in-frames', '0',
        '-row-mt', '1', '-g', '1000',
    ];

    /**
     * @param  Closure(int): string  $picture raw picture of one of its drawings, or of a sheet of captions after them
     * @param  Closure(float): void  $progress
     * @return string path of a temporary file
     */
    public function encode(
        VideoSegment $segment,
        Closure $picture,
        Countdown $countdown,
        BurntCaptions $captions,
        Closure $progress,
    ): string {
        $choice = $segment->choice;
        $sequence = new FrameSequence($segment->lesson, $segment->drawings, $choice->shape, $picture, $countdown, $segment->film());
        $target = Files::temporary($choice->ending());
        $keyFrames = implode(',', array_map(static fn (float $at): string => sprintf('%.3F', $at / 1000), $sequence->keyTimes()));
        $socket = ProgramSocket::open();
        $encoder = Program::process('ffmpeg', [
            '-v', 'error', '-y', '-f', 'matroska', '-i', $socket->address, '-fps_mode', 'passthrough', '-enc_time_base', '1:1000',
            '-force_key_frames', $keyFrames, ...$choice->isWebm ? self::VP9 : self::H264,
            '-pix_fmt', 'yuv420p', '-color_primaries', 'bt709', '-color_trc', 'bt709', '-colorspace', 'bt709', '-color_range', 'tv',
            $target,
        ]);
        $length = Clock::milliseconds($segment->length());
        $sheets = count($segment->drawings->named);
        $frames = 0;
        $reported = 0.0;
        $shown = static function () use ($sequence, $captions, $picture, $sheets, $length, $progress, &$frames, &$reported): Generator {
            foreach ($sequence->frames($captions->moments()) as $at => $frame) {
                $frames++;
                if (microtime(true) - $reported > self::REPORTED_EVERY) {
                    $reported = microtime(true);
                    $progress($at / max(1, $length));
                }
                yield $at => $captions->over($frame, $at, static fn (int $sheet): string => $picture($sheets + $sheet));
            }
        };
        $socket->feed('ffmpeg', $encoder, self::stream($shown(), $choice->shape));
        self::refuseOther($target, $frames, $length);

        return $target;
    }

    /**
     * @param  Generator<int, string>  $frames
     * @return Generator<int, string> the pictures as a Matroska stream
     */
    private static function stream(Generator $frames, VideoShape $shape): Generator
    {
        $writer = new MatroskaWriter($shape->width(), $shape->height());
        yield $writer->header();
        foreach ($frames as $at => $frame) {
            yield $writer->picture($frame, $at);
        }
    }

    /** A picture too few or too many, or a wrong length, would show answers before they are explained. */
    private static function refuseOther(string $video, int $frames, float $length): void
    {
        $probe = json_decode(Program::run('ffprobe', [
            '-v', 'error', '-select_streams', 'v:0', '-count_packets', '-show_entries', 'stream=nb_read_packets:format=duration',
            '-of', 'json', $video,
        ]), true);
        [$made, $seconds] = [(int) ($probe['streams'][0]['nb_read_packets'] ?? 0), (float) ($probe['format']['duration'] ?? 0)];
        if ($made !== $frames) {
            throw VideoFailed::countDiffers('pictures', $frames, $made);
        }
        if (abs($seconds * 1000 - $length) > self::MOST_APART) {
            throw VideoFailed::countDiffers('seconds', round($length / 1000, 3), round($seconds, 3));
        }
    }
}
