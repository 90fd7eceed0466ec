<?php

declare(strict_types=1);

namespace Daybright\Ready\Rules;

use Daybright\Lesson\Part;
use Daybright\Lesson\Slide;
use Daybright\Ready\Cost;
use Daybright\Ready\Finding;
use Daybright\Ready\LessonInspection;
use Daybright\Ready\LessonRule;
use Daybright\Timing\LessonTiming;

/** A part of more than six minutes in which students only listen. */
final readonly class LongWithoutPause implements LessonRule
{
    /** Seconds. */
    private const LONGEST = 360.0;

    public function name(): string
    {
        return 'long-without-pause';
    }

    public function cost(): Cost
    {
        return Cost::Tires;
    }

    public function check(LessonInspection $inspection): array
    {
        $timing = new LessonTiming($inspection->lesson);
        $findings = [];
        foreach ($inspection->lesson->parts as $part) {
            $slides = array_values(array_filter($part->slides, static fn (Slide $slide): bool => ! $slide->side));
            $spoken = array_sum(array_map($timing->spoken(...), $slides));
            $worked = array_sum(array_map(static fn (Slide $slide): int => $inspection->reports[$slide->id]->summary->waits, $slides));
            if ($spoken > self::LONGEST && $worked === 0) {
                $findings[] = Finding::ofSlide(
                    $this->name(),
                    sprintf(
                        'The part %s takes %d minutes without a pause point. Ask something in the middle of it.',
                        $part->kind->label(),
                        (int) round($spoken / 60),
                    ),
                    $slides[intdiv(count($slides), 2)]->id,
                )->about('part');
            }
        }

        return $findings;
    }
}
