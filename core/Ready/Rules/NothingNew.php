<?php

declare(strict_types=1);

namespace Daybright\Ready\Rules;

use Daybright\Ready\Cost;
use Daybright\Ready\Finding;
use Daybright\Ready\LessonInspection;
use Daybright\Ready\LessonRule;
use Daybright\Timing\LessonTiming;

/** A step that is spoken over for so long that the picture tires. */
final readonly class NothingNew implements LessonRule
{
    /** Seconds. */
    private const LONGEST = 90.0;

    public function name(): string
    {
        return 'nothing-new';
    }

    public function cost(): Cost
    {
        return Cost::Tires;
    }

    public function check(LessonInspection $inspection): array
    {
        $timing = new LessonTiming($inspection->lesson);
        $findings = [];
        foreach ($inspection->lesson->mainSlides() as $slide) {
            foreach ($slide->steps as $number => $step) {
                $seconds = $timing->step($step);
                if ($seconds > self::LONGEST) {
                    $findings[] = Finding::ofStep(
                        $this->name(),
                        sprintf(
                            'Nothing new is seen for %d seconds at step %d. Add a step, and let something appear while you speak.',
                            (int) round($seconds),
                            $number + 1,
                        ),
                        $slide->id,
                        $step->id,
                    )->about('step');
                }
            }
        }

        return $findings;
    }
}
