<?php

namespace App\Adapters\Video;

use App\Adapters\Files;
use App\Adapters\Program;
use Illuminate\Filesystem\Filesystem;

/** Turns SVG pictures into raw I420 pictures, all in one file on disk, with ffmpeg's librsvg decoder in two processes. */
final class Rasteriser
{
    public const WIDTH = 1280;

    public const HEIGHT = 720;

    public const BYTES = self::WIDTH * self::HEIGHT * 3 / 2;

    /** @param  list<string>  $paths each half of the pictures in a file of its own */
    private function __construct(private readonly array $paths, private readonly int $half)
    {
    }

    /** @param  non-empty-list<string>  $svgs */
    public static function of(array $svgs): self
    {
        $folder = Files::temporary('');
        mkdir($folder, 0700, true);
        foreach ($svgs as $number => $svg) {
            file_put_contents(sprintf('%s/%05d.svg', $folder, $number), $svg);
        }
        $half = intdiv(count($svgs) + 1, 2);
        $running = $paths = [];
        foreach ([[0, $half], [$half, count($svgs) - $half]] as [$from, $count]) {
            $paths[] = $path = Files::temporary('yuv');
            if ($count > 0) {
                $process = Program::process('ffmpeg', ['-v', 'error', '-y', '-f', 'image2', '-c:v', 'librsvg', '-width', (string) self::WIDTH, '-height', (string) self::HEIGHT, '-framerate', '1', '-start_number', (string) $from, '-i', $folder.'/%05d.svg', '-frames:v', (string) $count, '-vf', 'scale=out_color_matrix=bt709:out_range=tv,format=yuv420p', '-f', 'rawvideo', $path]);
                $process->start();
                $running[] = $process;
            }
        }
        foreach ($running as $process) {
            if ($process->wait() !== 0) {
                throw new VideoFailed('The pictures could not be drawn: '.substr($process->getErrorOutput(), -500));
            }
        }
        (new Filesystem)->deleteDirectory($folder);

        return new self($paths, $half);
    }

    public function picture(int $number): string
    {
        [$path, $place] = $number < $this->half ? [$this->paths[0], $number] : [$this->paths[1], $number - $this->half];

        return (string) file_get_contents($path, false, null, (int) ($place * self::BYTES), (int) self::BYTES);
    }

    public function forget(): void
    {
        array_map(unlink(...), array_filter($this->paths, is_file(...)));
    }
}
