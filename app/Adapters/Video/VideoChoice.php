<?php

declare(strict_types=1);

namespace App\Adapters\Video;

/** What a video is wanted like. */
final readonly class VideoChoice
{
    /**
     * @param  bool  $waits whether pause points take their time in it
     * @param  bool  $isWebm VP9 and Opus in WebM rather than H.264 and AAC in MP4
     */
    public function __construct(
        public VideoShape $shape = VideoShape::Small,
        public CaptionPlace $captions = CaptionPlace::Inside,
        public bool $waits = true,
        public bool $isWebm = false,
    ) {
    }

    public function ending(): string
    {
        return $this->isWebm ? 'webm' : 'mp4';
    }
}
