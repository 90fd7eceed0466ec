<?php

declare(strict_types=1);

namespace Daybright\Recording;

use Daybright\Lesson\Slide;

/** One slide's take in the finished running order. */
final readonly class Segment
{
    /**
     * @param  int  $starts samples of narration before it
     * @param  list<PausePoint>  $pauses
     */
    public function __construct(public Slide $slide, public Take $take, public Heard $heard, public int $starts, public array $pauses)
    {
    }

    public function ends(): int
    {
        return $this->starts + $this->heard->length();
    }
}
