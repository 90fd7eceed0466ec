<?php

declare(strict_types=1);

namespace App\Footage;

use App\Adapters\Files;
use App\Adapters\Program;
use Daybright\Recording\Clock;
use Daybright\Recording\SampleRange;

/** Films as files: brought onto the clock of their take, and cut as its sound is. */
final class FilmFile
{
    /** Every browser plays it; a key frame every second makes seeking quick, and pictures that follow none later make it right. */
    private const ENCODING = [
        '-an', '-c:v', 'libx264', '-preset', 'veryfast', '-crf', '25', '-bf', '0', '-g', '25', '-pix_fmt', 'yuv420p',
        '-movflags', '+faststart', '-map_metadata', '-1',
    ];

    /** Seconds that it goes on showing its last picture: who is filmed may stop before who speaks. */
    private const HOLDS = 5;

    private const CAMERA = 'scale=w=min(960\\,iw):h=min(720\\,ih):force_original_aspect_ratio=decrease:force_divisible_by=2';

    private const WINDOW = 'scale=w=min(1600\\,iw):h=min(900\\,ih):force_original_aspect_ratio=decrease:force_divisible_by=2';

    /**
     * @param  string  $recorded as the browser gave it
     * @param  float  $starts milliseconds of the take's clock at which it begins
     * @return string path of a temporary file that begins when the take does
     */
    public static function onClock(string $recorded, float $starts, bool $isWindow): string
    {
        $target = Files::temporary('mp4');
        $filter = implode(',', [
            $isWindow ? self::WINDOW : self::CAMERA,
            'fps=25:start_time=0',
            sprintf('tpad=start_duration=%.3F:start_mode=clone:stop_duration=%d:stop_mode=clone', max(0.0, $starts) / 1000, self::HOLDS),
        ]);
        Program::run('ffmpeg', ['-v', 'error', '-y', '-i', $recorded, '-vf', $filter, ...self::ENCODING, $target]);

        return $target;
    }

    /**
     * @param  string  $film on the clock of its take
     * @param  list<SampleRange>  $kept of the take, in order
     * @return string path of a temporary file that runs with what is kept
     */
    public static function cut(string $film, array $kept): string
    {
        $target = Files::temporary('mp4');
        $seconds = static fn (int $samples): string => sprintf('%.6F', $samples / Clock::RATE);
        $wanted = $gone = [];
        $end = 0;
        foreach ($kept as $range) {
            $wanted[] = sprintf('between(t,%s,%s)', $seconds($range->from), $seconds($range->to));
            $gone[] = sprintf('gte(T,%s)*%s', $seconds($range->from), $seconds($range->from - $end));
            $end = $range->to;
        }
        // Each picture is moved by all that was cut before it, so that what is rounded never adds up.
        $filter = sprintf("select='%s',setpts='(T-(%s))/TB',fps=25:start_time=0", implode('+', $wanted), implode('+', $gone));
        Program::run('ffmpeg', ['-v', 'error', '-y', '-i', $film, '-vf', $filter, ...self::ENCODING, $target]);

        return $target;
    }
}
