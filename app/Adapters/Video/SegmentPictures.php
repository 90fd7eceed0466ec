<?php

declare(strict_types=1);

namespace App\Adapters\Video;

use Closure;
use Daybright\Recording\Clock;
use Generator;

/** The pictures of one segment, one for every change, on a clock of its own. */
final readonly class SegmentPictures
{
    private FrameSequence $sequence;

    /**
     * @param  Closure(int): string  $picture raw picture of one of its drawings, or of a sheet of captions after them
     */
    public function __construct(
        public VideoSegment $segment,
        private Closure $picture,
        Countdown $countdown,
        private BurntCaptions $captions,
    ) {
        $this->sequence = new FrameSequence(
            $segment->lesson,
            $segment->drawings,
            $segment->choice->shape,
            $picture,
            $countdown,
            $segment->film(),
        );
    }

    /** @return float milliseconds */
    public function length(): float
    {
        return Clock::milliseconds($this->segment->length());
    }

    /** @return list<float> milliseconds at which a new picture begins */
    public function keyTimes(): array
    {
        return $this->sequence->keyTimes();
    }

    /** @return Generator<int, string> milliseconds => raw picture */
    public function frames(): Generator
    {
        $sheets = count($this->segment->drawings->named);
        $sheet = fn (int $number): string => ($this->picture)($sheets + $number);
        foreach ($this->sequence->frames($this->captions->moments()) as $at => $frame) {
            yield $at => $this->captions->over($frame, $at, $sheet);
        }
    }
}
