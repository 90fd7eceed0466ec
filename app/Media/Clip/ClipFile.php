<?php

declare(strict_types=1);

namespace App\Media\Clip;

use App\Adapters\Files;
use App\Adapters\Program;
use App\Adapters\ProgramFailed;
use App\Adapters\Sound\AudioEncoder;
use App\Media\CheckedFile;
use Closure;
use DomainException;
use Symfony\Component\Process\Process;

/** A film or a sound as ffprobe finds it by what it holds, and what ffmpeg makes of it. */
final readonly class ClipFile
{
    public const UNREADABLE = 'This file is no film or sound that can be read. Choose an MP4, WebM, MOV, MP3, M4A, WAV or OGG file.';

    /** Nothing but these is tried on a file: a list of other files, such as a playlist, is none of them. */
    private const READ = ['-protocol_whitelist', 'file,pipe', '-format_whitelist', 'mov,matroska,webm,mp3,wav,ogg'];

    private const FILM = 'video/mp4';

    private const SOUND = 'audio/mp4';

    /** Megabytes of memory, and seconds, within which a program that reads the file has to do it. */
    private const MEMORY = 2500;

    private const PATIENCE = 30.0;

    private const LONGEST_WORK = 3000.0;

    /** Digits that tell the loudness. */
    private const WAVE = 120;

    private const PROGRESS_EVERY = 0.4;

    /** Seconds that a clip must have, and the share of its seconds that must be readable. */
    private const SHORTEST = 0.3;

    private const WHOLE = 0.9;

    /** Seconds before its end at which the last picture is surely there. */
    private const LAST = 0.2;

    private function __construct(
        public string $path,
        public bool $isFilm,
        public bool $isHeard,
        private string $codecs,
        public float $seconds,
        private bool $saysMore,
    ) {
    }

    /** @throws DomainException when it is neither a film nor a sound */
    public static function open(string $path): self
    {
        try {
            $found = json_decode(Program::run(
                'ffprobe',
                ['-v', 'error', ...self::READ, '-show_entries', self::WANTED, '-of', 'json', $path],
                seconds: self::PATIENCE,
                megabytes: self::MEMORY,
            ), true);
        } catch (ProgramFailed $failure) {
            throw $failure->isAway ? $failure : new DomainException(self::UNREADABLE, previous: $failure);
        }
        $streams = array_filter(
            $found['streams'] ?? [],
            static fn (array $stream): bool => ($stream['disposition']['attached_pic'] ?? 0) === 0,
        );
        $codecs = [];
        foreach ($streams as $stream) {
            $codecs[$stream['codec_type'] ?? ''] ??= $stream['codec_name'] ?? '';
        }
        if (! isset($codecs['video']) && ! isset($codecs['audio'])) {
            throw new DomainException(self::UNREADABLE);
        }

        return new self(
            $path,
            isset($codecs['video']),
            isset($codecs['audio']),
            implode(' ', [$found['format']['format_name'] ?? '', ...array_values($codecs), count($streams)]),
            (float) ($found['format']['duration'] ?? 0),
            array_diff(array_keys($found['format']['tags'] ?? []), self::OWN_TAGS) !== [],
        );
    }

    private const WANTED = 'stream=codec_type,codec_name:stream_disposition=attached_pic:format=format_name,duration:format_tags';

    /** Tags that say nothing but what kind of file it is. */
    private const OWN_TAGS = ['major_brand', 'minor_version', 'compatible_brands', 'encoder'];

    /** Whether every browser plays it as it is, and it says nothing of place, date or device. */
    public function isReady(): bool
    {
        $wanted = trim(($this->isFilm ? 'h264 ' : '').($this->isHeard ? 'aac ' : ''));
        [$format, $codecs] = explode(' ', $this->codecs, 2);

        return str_starts_with($format, 'mov,mp4')
            && $codecs === $wanted.' '.(int) $this->isFilm + (int) $this->isHeard
            && ! $this->saysMore
            && $this->seconds > 0;
    }

    /**
     * As MP4 with H.264 and AAC, at most 1280 × 720, 30 pictures a second, and as loud as the narration; nothing is kept of where and
     * when it was taken.
     *
     * @param  Closure(float): void  $progress called with the share that is done, 0 to 1; it may throw to stop the work
     *
     * @throws DomainException when it is too long, or nothing of it can be read
     */
    public function converted(Closure $progress): self
    {
        $longest = (int) config('daybright.longest_clip');
        if ($this->seconds > $longest) {
            throw new DomainException(
                'This clip is longer than '.intdiv($longest, 60).' minutes. Cut it shorter, or give a link to it instead.',
            );
        }
        $loudness = $this->isHeard ? AudioEncoder::loudness($this->path) : 0.0;
        $progress(0.05);
        $target = Files::temporary($this->isFilm ? 'mp4' : 'm4a');
        $process = Program::process(
            'ffmpeg',
            [
                '-v', 'error', '-y', '-nostats', '-progress', 'pipe:1',
                ...self::READ, '-i', $this->path,
                ...$this->isFilm ? self::PICTURE : [],
                ...$this->isHeard ? ['-map', '0:a:0', '-af', self::levelled($loudness), '-c:a', 'aac', '-b:a', '96k', '-ac', '2'] : [],
                '-map_metadata', '-1', '-map_chapters', '-1', '-sn', '-dn', '-fflags', '+bitexact', '-flags', '+bitexact',
                '-t', (string) $longest, '-movflags', '+faststart', $target,
            ],
            self::LONGEST_WORK,
            self::MEMORY,
        );
        $this->follow($process, $progress);
        Program::finish('ffmpeg', $process);
        $made = self::open($target);
        if (! $made->isReady() || $made->seconds < self::SHORTEST) {
            throw new DomainException(self::UNREADABLE);
        }
        if ($made->seconds < self::WHOLE * $this->seconds) {
            throw new DomainException(sprintf(
                'Part of this clip is missing: %.0f of its %.0f seconds can be read. Fetch it again from where it comes.',
                $made->seconds,
                $this->seconds,
            ));
        }

        return $made;
    }

    private const PICTURE = [
        '-map', '0:v:0', '-vf',
        "fps=fps='min(30,source_fps)',scale=w='min(1280,iw)':h='min(720,ih)':force_original_aspect_ratio=decrease:force_divisible_by=2:flags=bilinear,"
            .'format=yuv420p',
        '-c:v', 'libx264', '-preset', 'superfast', '-crf', '23', '-g', '60', '-threads', '2',
    ];

    /** As a medium of a lesson is kept. */
    public function checked(): CheckedFile
    {
        return new CheckedFile(
            $this->path,
            $this->isFilm ? self::FILM : self::SOUND,
            ['seconds' => round($this->seconds, 3), 'wave' => $this->isHeard ? $this->wave() : ''],
        );
    }

    /**
     * A picture out of it, as a temporary file.
     *
     * @param  float  $at seconds
     *
     * @throws DomainException where there is none
     */
    public function still(float $at): string
    {
        $still = Files::temporary('jpg');
        Program::run(
            'ffmpeg',
            [
                '-v', 'error', '-y', '-ss', sprintf('%.3F', max(0, min($at, $this->seconds - self::LAST))),
                ...self::READ, '-i', $this->path, '-frames:v', '1', '-q:v', '3', $still,
            ],
            seconds: self::PATIENCE,
            megabytes: self::MEMORY,
        );

        return is_file($still) && filesize($still) > 0 ? $still : throw new DomainException('The clip has no picture at this place.');
    }

    /** Nine is the loudest of the clip. */
    private function wave(): string
    {
        $peaks = AudioEncoder::waveform($this->path)->peaks;
        $loudest = $peaks === [] ? 1 : max(1, max($peaks));
        $wave = '';
        $digits = min(self::WAVE, count($peaks));
        for ($digit = 0; $digit < $digits; $digit++) {
            $from = intdiv($digit * count($peaks), $digits);
            $to = max($from + 1, intdiv(($digit + 1) * count($peaks), $digits));
            $wave .= (int) round(9 * max([0, ...array_slice($peaks, $from, $to - $from)]) / $loudest);
        }

        return $wave;
    }

    private static function levelled(float $loudness): string
    {
        return 'aresample=48000:async=1:first_pts=0,volume='.AudioEncoder::gain($loudness)
            .'dB,alimiter=limit=0.84:attack=5:release=50:level=false:latency=1';
    }

    /** @param  Closure(float): void  $progress */
    private function follow(Process $process, Closure $progress): void
    {
        $told = 0.0;
        $process->start(function (string $type, string $output) use (&$told, $progress): void {
            $isTold = preg_match_all('/^out_time_us=(\d+)$/m', $output, $times) > 0;
            if ($isTold && microtime(true) - $told > self::PROGRESS_EVERY) {
                $told = microtime(true);
                $progress(0.05 + 0.85 * min(1.0, (int) end($times[1]) / 1e6 / max(1.0, $this->seconds)));
            }
        });
    }
}
