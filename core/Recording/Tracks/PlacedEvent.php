<?php

declare(strict_types=1);

namespace Daybright\Recording\Tracks;

use Daybright\Lesson\Fields;
use Daybright\Lesson\Slide;

/** An event with its moment on the clock of narration, and the slide that is seen just then. */
final readonly class PlacedEvent
{
    /**
     * @param  float  $at milliseconds of narration
     * @param  float  $recorded milliseconds of the take
     * @param  Slide  $slide seen when it happens: the slide of the take, or one that is visited
     * @param  Slide|null  $visited the slide that a visit leads to, where it is still in the lesson
     */
    public function __construct(
        public string $kind,
        public float $at,
        public float $recorded,
        public Slide $slide,
        public Fields $data,
        public ?Slide $visited = null,
    ) {
    }
}
