<?php

declare(strict_types=1);

namespace App\Adapters\Video;

use App\Adapters\Files;
use App\Adapters\Sound\AudioEncoder;
use App\Lessons\ReleaseParts;
use Closure;
use Daybright\Scene\Typesetter;
use Generator;
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
        iterator_to_array($this->sounds($segments));
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
        $sounds->rewind();
        $pictures = Rasteriser::rasterise($svgs, $shape);
        $progress(self::DRAWING);
        $countdown = new Countdown($pictures->picture(0), $shape);
        $share = (1 - self::DRAWING) / count($segments);
        foreach ($segments as $number => $segment) {
            $picture = static fn (int $drawing): string => $pictures->picture($first[$number] + $drawing);
            $done = static fn (float $part) => $progress(self::DRAWING + $share * ($number + $part));
            ReleaseParts::kept(
                $segment->pictures(),
                fn (): string => $this->encoder->encode($segment, $picture, $countdown, $captions[$number], $done),
            );
            $sounds->next();
        }
    }

    /**
     * The sound of one segment is made while the pictures of another are.
     *
     * @param  list<VideoSegment>  $segments
     * @return Generator<int, int>
     */
    private function sounds(array $segments): Generator
    {
        foreach ($segments as $number => $segment) {
            $path = $segment->choice->isWebm ? null : $segment->sound();
            if ($path === null || Storage::exists($path)) {
                yield $number;

                continue;
            }
            $made = AudioEncoder::segment($segment->heard(), $segment->waits(), 'aac');
            yield $number;
            ReleaseParts::kept($path, $made);
        }
    }
}
