<?php

declare(strict_types=1);

namespace App\Adapters\Video;

use App\Adapters\ChapterMarks;
use App\Adapters\Files;
use App\Adapters\Program;
use App\Models\MediaFile;
use App\Models\Release;
use Closure;
use Daybright\Deck\Beside;
use Daybright\Deck\Format;
use Daybright\Format\WebVtt;
use Daybright\Release\FrozenLesson;
use Daybright\Scene\Paint;
use Generator;

/** Makes the MP4 of a release: each distinct picture drawn once, ink drawn onto it as it grows, the ready sound copied in. */
final class VideoMaker
{
    /** Bytes that are written to a pipe at once. */
    private const PIPE = 65536;

    /** Milliseconds by which the length of a video may differ from the one that was computed. */
    private const MOST_APART = 100;

    /** Seconds between two tellings of the progress. */
    private const REPORTED_EVERY = 0.5;

    /**
     * @param  Closure(float): void  $progress called with the share that is done, 0 to 1; it may throw to stop the work
     * @return string path of a finished temporary file
     */
    public function make(Release $release, Closure $progress): string
    {
        return Files::tidily(fn (): string => $this->made($release, $progress));
    }

    /** @return Closure(string): string path of a film of a version, by the id of its footage */
    public static function films(Release $release): Closure
    {
        return static fn (string $footage): string => Files::local($release->path("film-{$footage}.mp4"));
    }

    /** @param  Closure(float): void  $progress */
    private function made(Release $release, Closure $progress): string
    {
        $lesson = $release->frozen();
        $keys = FrameSequence::pictures($lesson);
        $pictures = Rasteriser::rasterise([
            ...array_map(static fn (string $key): string => self::svg($lesson, $key), $keys),
            Countdown::svg(),
        ]);
        $progress(0.2);
        $silent = Files::temporary('mp4');
        $sequence = new FrameSequence(
            $lesson,
            array_flip($keys),
            $pictures,
            new Countdown($pictures->picture(count($keys))),
            self::films($release),
        );
        $this->encode($sequence, $lesson->full, $silent, $progress);
        $video = self::mux($release, $lesson, $silent, self::captions($lesson));
        $progress(1.0);

        return $video;
    }

    private static function svg(FrozenLesson $lesson, string $key): string
    {
        [$id, $step, $view, $room, $states] = [...explode(' ', $key, 5), ''];
        $slide = $lesson->slides[$id] ?? throw VideoFailed::because('A slide is missing from this version');

        return (string) preg_replace_callback(
            '/="picture:([0-9a-f]{64})"/',
            static fn (array $match): string => '="'.MediaFile::dataAddress($match[1]).'"',
            self::withRoom(self::seen($slide->svgAt((int) $step, explode(' ', $states)), $view), $room),
        );
    }

    /** A drawing that makes room for the camera. */
    private static function withRoom(string $svg, string $room): string
    {
        if ($room === 'alone') {
            return $svg;
        }
        $place = Beside::slide(Format::Wide);
        $placed = sprintf('<svg x="%s" y="%s" width="%s" height="%s"', $place->x, $place->y, $place->width, $place->height);
        $inner = preg_replace('/<svg/', $placed, $svg, 1);
        $page = Format::Wide->page();

        return sprintf('<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 %d %d">', $page->width, $page->height)
            .sprintf('<rect width="%d" height="%d" fill="%s"/>', $page->width, $page->height, Paint::PAPER)
            ."{$inner}</svg>";
    }

    /** A drawing of which only a part is seen. */
    private static function seen(string $svg, string $view): string
    {
        $box = strtr($view, ',', ' ');

        return $view === 'whole' ? $svg : (string) preg_replace('/viewBox="[^"]*"/', "viewBox=\"{$box}\"", $svg, 1);
    }

    /** @param  Closure(float): void  $progress */
    private function encode(FrameSequence $sequence, float $length, string $target, Closure $progress): void
    {
        $keyFrames = implode(',', array_map(static fn (float $at): string => sprintf('%.3F', $at / 1000), $sequence->keyTimes()));
        $frames = 0;
        $encoder = Program::process(
            'ffmpeg',
            [
                '-v',
                'error',
                '-y',
                '-f',
                'matroska',
                '-i',
                'pipe:0',
                '-fps_mode',
                'passthrough',
                '-enc_time_base',
                '1:1000',
                '-force_key_frames',
                $keyFrames,
                '-c:v',
                'libx264',
                '-preset',
                'veryfast',
                '-crf',
                '23',
                '-bf',
                '0',
                '-g',
                '1000',
                '-pix_fmt',
                'yuv420p',
                '-color_primaries',
                'bt709',
                '-color_trc',
                'bt709',
                '-colorspace',
                'bt709',
                '-color_range',
                'tv',
                '-video_track_timescale',
                '1000',
                $target,
            ],
        );
        $reported = 0.0;
        $encoder->setInput(self::stream($sequence, static function (int $at) use (&$frames, &$reported, $progress, $length): void {
            $frames++;
            if (microtime(true) - $reported > self::REPORTED_EVERY) {
                $reported = microtime(true);
                $progress(0.2 + 0.75 * $at / max(1, $length));
            }
        }));
        Program::finish('ffmpeg', $encoder);
        self::refuseOther($target, $frames, $length);
    }

    /**
     * @param  Closure(int): void  $onFrame called for every picture, with its milliseconds
     * @return Generator<int, string> the pictures as a Matroska stream, in pieces that a pipe takes at once
     */
    private static function stream(FrameSequence $sequence, Closure $onFrame): Generator
    {
        $writer = new MatroskaWriter(Rasteriser::WIDTH, Rasteriser::HEIGHT);
        yield $writer->header();
        foreach ($sequence->frames() as $at => $frame) {
            $onFrame($at);
            foreach (str_split($writer->picture($frame, $at), self::PIPE) as $piece) {
                yield $piece;
            }
        }
    }

    /** A picture too few or too many, or a wrong length, would show answers before they are explained. */
    private static function refuseOther(string $video, int $frames, float $length): void
    {
        $probe = json_decode(
            Program::run(
                'ffprobe',
                ['-v', 'error', '-select_streams', 'v:0', '-show_entries', 'stream=nb_frames,duration', '-of', 'json', $video],
            ),
            true,
        );
        [$made, $seconds] = [(int) ($probe['streams'][0]['nb_frames'] ?? 0), (float) ($probe['streams'][0]['duration'] ?? 0)];
        if ($made !== $frames) {
            throw VideoFailed::countDiffers('pictures', $frames, $made);
        }
        if (abs($seconds * 1000 - $length) > self::MOST_APART) {
            throw VideoFailed::countDiffers('seconds', round($length / 1000, 3), round($seconds, 3));
        }
    }

    private static function captions(FrozenLesson $lesson): string
    {
        $file = Files::temporary('vtt');
        file_put_contents($file, WebVtt::write($lesson->fullCaptions()));

        return $file;
    }

    private static function mux(Release $release, FrozenLesson $lesson, string $silent, string $captions): string
    {
        $chapters = ChapterMarks::write($lesson, $lesson->full(...));
        $target = Files::temporary('mp4');
        Program::run(
            'ffmpeg',
            [
                '-v',
                'error',
                '-y',
                '-i',
                $silent,
                '-i',
                Files::local($release->path('video-sound.m4a')),
                '-i',
                $captions,
                '-f',
                'ffmetadata',
                '-i',
                $chapters,
                '-map',
                '0:v',
                '-map',
                '1:a',
                '-map',
                '2:s',
                '-map_metadata',
                '3',
                '-map_chapters',
                '3',
                '-c:v',
                'copy',
                '-c:a',
                'copy',
                '-c:s',
                'mov_text',
                '-metadata:s:s:0',
                'language=eng',
                '-movflags',
                '+faststart',
                $target,
            ],
        );

        return $target;
    }
}
