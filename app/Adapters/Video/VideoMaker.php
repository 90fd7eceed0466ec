<?php

declare(strict_types=1);

namespace App\Adapters\Video;

use App\Adapters\ChapterMarks;
use App\Adapters\Files;
use App\Adapters\Program;
use App\Adapters\Sound\AdtsFrames;
use App\Adapters\Sound\AudioEncoder;
use App\Models\Release;
use Closure;
use Daybright\Format\WebVtt;
use Daybright\Recording\Clock;
use Daybright\Release\FrozenLesson;

/** Makes the video of a release out of one segment a slide: each is encoded once and kept, and all are joined as they are. */
final readonly class VideoMaker
{
    /** The share of the work that is left when all segments are there. */
    private const JOINING = 0.05;

    /** Seconds by which the sound begins earlier: the encoder's first frame only leads in. */
    private const LEAD_IN = '-0.0213333';

    public function __construct(private SegmentMaker $segments)
    {
    }

    /**
     * @param  Closure(float): void  $progress called with the share that is done, 0 to 1; it may throw to stop the work
     * @return string path of a finished temporary file
     */
    public function make(Release $release, VideoChoice $choice, Closure $progress): string
    {
        return Files::tidily(function () use ($release, $choice, $progress): string {
            $segments = VideoSegment::of($release, $choice);
            $this->segments->make($segments, static fn (float $share) => $progress($share * (1 - self::JOINING)));
            $video = $this->joined($release, $segments, $choice);
            $progress(1.0);

            return $video;
        });
    }

    /**
     * Makes what a video of a version needs before anybody asks for it.
     *
     * @param  Closure(float): void  $progress as for make
     */
    public function prepare(Release $release, VideoChoice $choice, Closure $progress): void
    {
        Files::tidily(fn () => $this->segments->make(VideoSegment::of($release, $choice), $progress));
    }

    /** @param  list<VideoSegment>  $segments */
    private function joined(Release $release, array $segments, VideoChoice $choice): string
    {
        $lesson = $choice->waits ? $release->frozen() : $release->frozen()->withoutWaiting();
        $list = '';
        foreach ($segments as $segment) {
            $list .= sprintf("file '%s'\nduration %.6F\n", Files::local($segment->pictures()), $segment->length() / Clock::RATE);
        }
        $sound = $choice->isWebm ? ['-i', self::opus($segments)] : ['-itsoffset', self::LEAD_IN, '-i', self::aac($segments)];
        $hasCaptions = $choice->captions === CaptionPlace::Inside;
        $captions = $hasCaptions ? ['-i', self::captions($lesson)] : [];
        $marks = $hasCaptions ? '3' : '2';
        $target = Files::temporary($choice->ending());
        Program::run('ffmpeg', [
            '-v', 'error', '-y', '-f', 'concat', '-safe', '0', '-i', Files::temporaryWith($list, 'txt'), ...$sound, ...$captions,
            '-f', 'ffmetadata', '-i', ChapterMarks::ofVideo($lesson),
            '-map', '0:v', '-map', '1:a', ...$hasCaptions ? ['-map', '2:s', '-metadata:s:s:0', 'language=eng'] : [],
            '-map_metadata', $marks, '-map_chapters', $marks,
            '-c', 'copy', ...$hasCaptions ? ['-c:s', $choice->isWebm ? 'webvtt' : 'mov_text'] : [],
            ...$choice->isWebm ? [] : ['-video_track_timescale', '1000', '-movie_timescale', '48000', '-movflags', '+faststart'], $target,
        ]);

        return $target;
    }

    /** @param  list<VideoSegment>  $segments */
    private static function aac(array $segments): string
    {
        return AdtsFrames::joined(array_map(static fn (VideoSegment $segment): string => Files::local($segment->sound()), $segments));
    }

    /**
     * Opus is encoded in one go: its frames have another length.
     *
     * @param  list<VideoSegment>  $segments
     */
    private static function opus(array $segments): string
    {
        $whole = Files::temporary('pcm');
        $file = Files::opened($whole, 'wb');
        foreach ($segments as $segment) {
            $part = AudioEncoder::segments([$segment->heard()], [$segment->waits()], 'pcm')()[0];
            stream_copy_to_stream(Files::opened($part, 'rb'), $file);
            unlink($part);
        }
        fclose($file);

        return AudioEncoder::encodeSamples($whole);
    }

    private static function captions(FrozenLesson $lesson): string
    {
        return Files::temporaryWith(WebVtt::write($lesson->videoCaptions()), 'vtt');
    }
}
