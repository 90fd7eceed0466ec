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
        $wanted = $moved = [];
        $end = 0;
        foreach ($kept as $range) {
            $wanted[] = sprintf('between(t,%s,%s)', self::seconds($range->from), self::seconds($range->to));
            $moved[] = self::earlier($range->from, $range->from - $end);
            $end = $range->to;
        }

        return self::selected($film, $wanted, $moved);
    }

    /**
     * @param  string  $film on the clock of its take
     * @param  int  $length of what stands in the place of the stretch, in samples
     * @return string path of a temporary file without a stretch of it; in its place the last picture before it stays
     */
    public static function withGap(string $film, SampleRange $gone, int $length): string
    {
        $wanted = [sprintf('lt(t,%s)', self::seconds($gone->from)), sprintf('gte(t,%s)', self::seconds($gone->to))];

        return self::selected($film, $wanted, [self::earlier($gone->to, $gone->length() - $length)]);
    }

    /**
     * Each picture is moved by all that was cut before it, so that what is rounded never adds up.
     *
     * @param  list<string>  $wanted conditions on the time of a picture, one of which must hold
     * @param  list<string>  $moved what is taken off the time of a picture
     */
    private static function selected(string $film, array $wanted, array $moved): string
    {
        $target = Files::temporary('mp4');
        $filter = sprintf("select='%s',setpts='(T-(%s))/TB',fps=25:start_time=0", implode('+', $wanted), implode('+', $moved));
        Program::run('ffmpeg', ['-v', 'error', '-y', '-i', $film, '-vf', $filter, ...self::ENCODING, $target]);

        return $target;
    }

    /** From a sample on, earlier by some samples or, where the number is negative, later. */
    private static function earlier(int $from, int $samples): string
    {
        return sprintf('gte(T,%s)*(%s)', self::seconds($from), self::seconds($samples));
    }

    private static function seconds(int $samples): string
    {
        return sprintf('%.6F', $samples / Clock::RATE);
    }
}
