<?php

declare(strict_types=1);

namespace Daybright\Ready\Rules;

use Daybright\Ready\Cost;
use Daybright\Ready\Finding;
use Daybright\Ready\SlideInspection;
use Daybright\Ready\SlideRule;

/** A step with nothing to say. */
final readonly class EmptyScript implements SlideRule
{
    public function name(): string
    {
        return 'empty-script';
    }

    public function cost(): Cost
    {
        return Cost::Lacks;
    }

    public function check(SlideInspection $inspection): array
    {
        $slide = $inspection->slide;
        $findings = [];
        foreach ($slide->steps as $number => $step) {
            if (trim($step->script) === '') {
                $findings[] = Finding::ofStep(
                    $this->name(),
                    'Step '.($number + 1).' has no script. Write what you will say, or join it with another step.',
                    $slide->id,
                    $step->id,
                );
            }
        }

        return $findings;
    }
}
