<?php

declare(strict_types=1);

namespace App\Adapters\Video;

use App\Adapters\Program;
use Generator;
use Symfony\Component\Process\Process;

/** The pictures of a film as raw I420, twenty-five a second. */
final class RawFrames
{
    /** Milliseconds between two. */
    public const EVERY = 40;

    /**
     * @param  list<string>  $input of ffmpeg: the file, and from where to where
     * @param  string  $filter that gives pictures of the wanted size
     * @param  int  $bytes of one picture
     * @return Generator<int, string> number of the picture, from 0
     */
    public static function of(array $input, string $filter, int $bytes): Generator
    {
        $process = Program::process('ffmpeg', [
            '-v', 'error', ...$input, '-an',
            '-vf', "fps=25,{$filter},scale=out_color_matrix=bt709:out_range=tv,format=yuv420p",
            '-f', 'rawvideo', '-pix_fmt', 'yuv420p', '-',
        ]);
        $process->start();
        $number = 0;
        $rest = '';
        $isOver = false;
        try {
            foreach ($process->getIterator(Process::ITER_SKIP_ERR) as $piece) {
                $rest .= $piece;
                for (; strlen($rest) >= $bytes; $rest = substr($rest, $bytes)) {
                    yield $number++ => substr($rest, 0, $bytes);
                }
            }
            $isOver = true;
        } finally {
            // Who needs no more of them leaves a program behind that waits to be read.
            if (! $isOver) {
                $process->stop(0);
            }
        }
        Program::finish('ffmpeg', $process);
    }
}
