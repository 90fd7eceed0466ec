<?php

declare(strict_types=1);

namespace Daybright\Recording;

use Daybright\Lesson\Slide;

/** One slide's take in the finished running order. */
final readonly class TimelineSegment
{
    /**
     * @param  int  $starts samples of narration before it
     * @param  list<PausePoint>  $pauses
     */
    public function __construct(public Slide $slide, public Take $take, public KeptRanges $kept, public int $starts, public array $pauses)
    {
    }

    /** @return float milliseconds of narration at which a sample of the take is played */
    public function milliseconds(int $sample): float
    {
        return Clock::milliseconds($this->starts + $this->kept->place($sample));
    }

    public function ends(): int
    {
        return $this->starts + $this->kept->length();
    }
}
