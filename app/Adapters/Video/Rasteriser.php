<?php

declare(strict_types=1);

namespace App\Adapters\Video;

use App\Adapters\Files;
use App\Adapters\Program;
use App\Adapters\ProgramFailed;
use Symfony\Component\Process\Process;
use Throwable;

/** Turns SVG pictures into raw I420 pictures in two temporary files, with ffmpeg's librsvg decoder in two processes. */
final class Rasteriser
{
    /** @param  list<string>  $paths each half of the pictures in a file of its own */
    private function __construct(private readonly array $paths, private readonly int $half, private readonly VideoShape $shape)
    {
    }

    /**
     * @param  non-empty-list<string>  $svgs
     *
     * @throws ProgramFailed
     * @throws VideoFailed when not every one of them was drawn
     */
    public static function rasterise(array $svgs, VideoShape $shape = VideoShape::Small): self
    {
        $half = intdiv(count($svgs) + 1, 2);
        $running = $paths = [];
        foreach (array_filter([array_slice($svgs, 0, $half), array_slice($svgs, $half)]) as $part) {
            // Each half in a folder of its own: where a picture is passed over, ffmpeg would take one more from behind it.
            $folder = Files::temporary('');
            mkdir($folder, 0700, true);
            foreach ($part as $number => $svg) {
                file_put_contents(sprintf('%s/%05d.svg', $folder, $number), $svg);
            }
            $paths[] = $path = Files::temporary('yuv');
            $process = Program::process(
                'ffmpeg',
                [
                    '-v',
                    'error',
                    '-y',
                    '-f',
                    'image2',
                    '-c:v',
                    'librsvg',
                    '-width',
                    (string) $shape->width(),
                    '-height',
                    (string) $shape->height(),
                    // A view a hair off the video's ratio would otherwise come out some lines lower than the frame.
                    '-keep_ar',
                    '0',
                    '-framerate',
                    '1',
                    '-start_number',
                    '0',
                    '-i',
                    $folder.'/%05d.svg',
                    '-frames:v',
                    (string) count($part),
                    '-vf',
                    'scale=out_color_matrix=bt709:out_range=tv,format=yuv420p',
                    '-f',
                    'rawvideo',
                    $path,
                ],
            );
            $process->start();
            $running[] = $process;
        }
        $pictures = new self($paths, $half, $shape);
        try {
            foreach ($running as $process) {
                Program::finish('ffmpeg', $process);
            }
            $pictures->refuseMissing(count($svgs));
        } catch (Throwable $error) {
            array_map(static fn (Process $process): ?int => $process->stop(0), $running);
            throw $error;
        }

        return $pictures;
    }

    /** A picture that the renderer passed over would put every later one in a wrong place. */
    private function refuseMissing(int $expected): void
    {
        clearstatcache();
        $there = array_sum(array_map(
            static fn (string $path): int => is_file($path) ? (int) filesize($path) : 0,
            $this->paths,
        )) / $this->shape->bytes();
        if ((float) $there !== (float) $expected) {
            throw VideoFailed::because("Of {$expected} pictures {$there} were drawn");
        }
    }

    public function picture(int $number): string
    {
        [$path, $place] = $number < $this->half ? [$this->paths[0], $number] : [$this->paths[1], $number - $this->half];

        return (string) file_get_contents($path, false, null, $place * $this->shape->bytes(), $this->shape->bytes());
    }
}
