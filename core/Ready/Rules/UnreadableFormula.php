<?php

declare(strict_types=1);

namespace Daybright\Ready\Rules;

use Daybright\Ready\Finding;
use Daybright\Ready\Inspection;
use Daybright\Ready\Rule;

/** A formula in TeX that cannot be set. */
final readonly class UnreadableFormula implements Rule
{
    public function name(): string
    {
        return 'unreadable-formula';
    }

    public function check(Inspection $inspection): array
    {
        $findings = [];
        foreach ($inspection->scenes as $slide => $scene) {
            foreach ($scene->groups as $group) {
                foreach ($group->shapes as $shape) {
                    if ($shape->trouble !== null) {
                        $sentence = "A formula here cannot be set ({$shape->trouble}). Write it as you would on the board, such as 3/4 + 1/2, or put the TeX right.";
                        $findings[] = $group->block === '' ? Finding::ofSlide($this->name(), $sentence, $slide) : Finding::ofBlock($this->name(), $sentence, $slide, $group->block);
                    }
                }
            }
        }

        return $findings;
    }
}
