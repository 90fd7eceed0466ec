<?php

declare(strict_types=1);

namespace Daybright\Ready\Rules;

use Daybright\Ready\Finding;
use Daybright\Ready\Inspection;
use Daybright\Ready\Rule;

/** A step with nothing to say. */
final readonly class EmptyScript implements Rule
{
    public function name(): string
    {
        return 'empty-script';
    }

    public function check(Inspection $inspection): array
    {
        $findings = [];
        foreach ($inspection->lesson->slides() as $slide) {
            foreach ($slide->steps as $number => $step) {
                if (trim($step->script) === '') {
                    $findings[] = Finding::ofStep($this->name(), 'Step '.($number + 1).' has no script. Write what you will say, or join it with another step.', $slide->id, $step->id);
                }
            }
        }

        return $findings;
    }
}
