<?php

declare(strict_types=1);

namespace Daybright\Ready;

use Daybright\Lesson\Lesson;
use Daybright\Recording\Take;

/** A lesson with what is known of its slides and what is recorded of them, for the rules to look at. */
final readonly class LessonInspection
{
    /**
     * @param  array<string, SlideReport>  $reports by slide id
     * @param  array<string, Take>  $takes the chosen take of each slide, by slide id
     * @param  array<int, string>  $practiceTroubles by the number of a practice set on the handout, from 0: why it cannot be printed
     */
    public function __construct(public Lesson $lesson, public array $reports, public array $takes, public array $practiceTroubles)
    {
    }
}
