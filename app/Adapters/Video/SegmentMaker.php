<?php

declare(strict_types=1);

namespace App\Adapters\Video;

use App\Adapters\Files;
use App\Adapters\Sound\AudioEncoder;
use App\Lessons\ReleaseParts;
use Closure;
use Daybright\Scene\Typesetter;
use Illuminate\Support\Facades\Storage;

/** Makes the segments of a video that are not there yet: many drawings at once, then the pictures and the sound of each. */
final readonly class SegmentMaker
{
    /** Drawings that are raw pictures at one time, each of a megabyte or three. */
    private const DRAWINGS = 64;

    /** The share of the work that drawing takes. */
    private const DRAWING = 0.3;

    public function __construct(private PictureEncoder $encoder, private Typesetter $type)
    {
    }

    /**
     * @param  list<VideoSegment>  $segments
     * @param  Closure(float): void  $progress called with the share that is done, 0 to 1; it may throw to stop the work
     */
    public function make(array $segments, Closure $progress): void
    {
        $isMissing = static fn (VideoSegment $segment): bool => ! Storage::exists($segment->pictures());
        $missing = array_values(array_filter($segments, $isMissing));
        $done = 0.0;
        foreach ($this->batches($missing) as $batch) {
            $share = count($batch) / count($missing);
            Files::tidily(fn () => $this->makeBatch($batch, static fn (float $part) => $progress($done + $share * $part)));
            $done += $share;
        }
        // Of a segment whose pictures were there already.
        $this->sounds($segments)();
    }

    /**
     * @param  list<VideoSegment>  $segments
     * @return list<non-empty-list<VideoSegment>>
     */
    private function batches(array $segments): array
    {
        $batches = [];
        $drawings = 0;
        foreach ($segments as $segment) {
            $own = count($segment->drawings->named);
            if ($batches === [] || $drawings + $own > self::DRAWINGS) {
                $batches[] = [$segment];
                $drawings = $own;

                continue;
            }
            $batches[array_key_last($batches)][] = $segment;
            $drawings += $own;
        }

        return $batches;
    }

    /**
     * @param  non-empty-list<VideoSegment>  $segments
     * @param  Closure(float): void  $progress
     */
    private function makeBatch(array $segments, Closure $progress): void
    {
        $shape = $segments[0]->choice->shape;
        $burnt = fn (VideoSegment $segment): BurntCaptions => new BurntCaptions($segment->burnt(), $shape, $this->type);
        $captions = array_map($burnt, $segments);
        $svgs = [Countdown::svg($shape)];
        $first = [];
        foreach ($segments as $number => $segment) {
            $first[] = count($svgs);
            array_push($svgs, ...array_map(SeenDrawings::whole(...), $segment->drawings->named), ...$captions[$number]->sheets());
        }
        $sounds = $this->sounds($segments);
        $pictures = Rasteriser::rasterise($svgs, $shape);
        $progress(self::DRAWING);
        $countdown = new Countdown($pictures->picture(0), $shape);
        $shown = array_map(static fn (VideoSegment $segment, int $first, BurntCaptions $burnt): SegmentPictures => new SegmentPictures(
            $segment,
            static fn (int $drawing): string => $pictures->picture($first + $drawing),
            $countdown,
            $burnt,
        ), $segments, $first, $captions);
        $done = self::DRAWING;
        foreach (self::runs($shown) as $run) {
            $share = (1 - self::DRAWING) * count($run) / count($segments);
            $made = $this->encoder->encode($run, static fn (float $part) => $progress($done + $share * $part));
            foreach ($made as $number => $file) {
                ReleaseParts::kept($run[$number]->segment->pictures(), static fn (): string => $file);
            }
            $done += $share;
        }
        $sounds();
    }

    /**
     * Slides are encoded many at a time; a film takes long enough to be kept as soon as it is ready.
     *
     * @param  list<SegmentPictures>  $segments
     * @return list<non-empty-list<SegmentPictures>>
     */
    private static function runs(array $segments): array
    {
        $runs = [];
        $isStill = false;
        foreach ($segments as $each) {
            $goesOn = $isStill;
            $isStill = ! $each->segment->isFilmed() && ! $each->segment->choice->isWebm;
            if ($goesOn && $isStill) {
                $runs[array_key_last($runs)][] = $each;

                continue;
            }
            $runs[] = [$each];
        }

        return $runs;
    }

    /**
     * The sound of segments is made while the pictures are.
     *
     * @param  list<VideoSegment>  $segments
     * @return Closure(): void waits for it and keeps it
     */
    private function sounds(array $segments): Closure
    {
        $isMissing = static fn (VideoSegment $segment): bool => ! $segment->choice->isWebm && ! Storage::exists($segment->sound());
        $missing = array_values(array_filter($segments, $isMissing));
        if ($missing === []) {
            return static function (): void {
            };
        }
        $made = AudioEncoder::segments(
            array_map(static fn (VideoSegment $segment): array => $segment->heard(), $missing),
            array_map(static fn (VideoSegment $segment): array => $segment->waits(), $missing),
            'aac',
        );

        return static function () use ($missing, $made): void {
            foreach ($made() as $number => $file) {
                ReleaseParts::kept($missing[$number]->sound(), static fn (): string => $file);
            }
        };
    }
}
