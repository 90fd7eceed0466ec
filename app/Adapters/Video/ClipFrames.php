<?php

declare(strict_types=1);

namespace App\Adapters\Video;

use App\Adapters\Program;
use App\Models\MediaFile;
use Daybright\Release\FrozenClip;
use Generator;
use Symfony\Component\Process\Process;

/** The pictures of a film as raw I420 pictures of the video, with a margin where its shape is another. */
final class ClipFrames
{
    /** Milliseconds between two. */
    public const EVERY = 40;

    private const FILTER = 'fps=25,scale=%1$d:%2$d:force_original_aspect_ratio=decrease:flags=bilinear,'
        .'pad=%1$d:%2$d:-1:-1:color=0x1F2D36,scale=out_color_matrix=bt709:out_range=tv,format=yuv420p';

    /**
     * @return Generator<int, string> number of the picture, from 0
     */
    public static function of(FrozenClip $clip): Generator
    {
        [$from, $to] = [sprintf('%.3F', $clip->from / 1000), sprintf('%.3F', $clip->to / 1000)];
        $filter = sprintf(self::FILTER, Rasteriser::WIDTH, Rasteriser::HEIGHT);
        $process = Program::process('ffmpeg', [
            '-v', 'error', '-ss', $from, '-to', $to, '-i', MediaFile::local($clip->sha256()),
            '-an', '-vf', $filter, '-f', 'rawvideo', '-pix_fmt', 'yuv420p', '-',
        ]);
        $process->start();
        $number = 0;
        $rest = '';
        foreach ($process->getIterator(Process::ITER_SKIP_ERR) as $piece) {
            $rest .= $piece;
            for (; strlen($rest) >= Rasteriser::BYTES; $rest = substr($rest, (int) Rasteriser::BYTES)) {
                yield $number++ => substr($rest, 0, (int) Rasteriser::BYTES);
            }
        }
        Program::finish('ffmpeg', $process);
    }
}
