<?php

declare(strict_types=1);

namespace App\Adapters\Video;

use App\Models\MediaFile;
use Daybright\Release\FrozenClip;
use Generator;

/** The pictures of a clip as pictures of the video, with a margin where its shape is another. */
final class ClipFrames
{
    private const FILTER = 'scale=%1$d:%2$d:force_original_aspect_ratio=decrease:flags=bilinear,pad=%1$d:%2$d:-1:-1:color=0x1F2D36';

    /** @return Generator<int, string> number of the picture, from 0 */
    public static function of(FrozenClip $clip, VideoShape $shape): Generator
    {
        [$from, $to] = [sprintf('%.3F', $clip->from / 1000), sprintf('%.3F', $clip->to / 1000)];

        return RawFrames::of(
            ['-ss', $from, '-to', $to, '-i', MediaFile::local($clip->sha256())],
            sprintf(self::FILTER, $shape->width(), $shape->height()),
            $shape->bytes(),
        );
    }
}
