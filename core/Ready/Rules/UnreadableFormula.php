<?php

declare(strict_types=1);

namespace Daybright\Ready\Rules;

use Daybright\Ready\Cost;
use Daybright\Ready\Finding;
use Daybright\Ready\SlideInspection;
use Daybright\Ready\SlideRule;

/** A formula in TeX that cannot be set. */
final readonly class UnreadableFormula implements SlideRule
{
    public function name(): string
    {
        return 'unreadable-formula';
    }

    public function cost(): Cost
    {
        return Cost::Misleads;
    }

    public function check(SlideInspection $inspection): array
    {
        $slide = $inspection->slide->id;
        $findings = [];
        foreach ($inspection->scene->groups as $group) {
            foreach ($group->shapes as $shape) {
                if ($shape->trouble !== null) {
                    $sentence = "A formula here cannot be set ({$shape->trouble}). Write it as you would on the board, such as 3/4 + 1/2, or put the TeX right.";
                    $findings[] = $group->block === ''
                        ? Finding::ofSlide($this->name(), $sentence, $slide)
                        : Finding::ofBlock($this->name(), $sentence, $slide, $group->block);
                }
            }
        }

        return $findings;
    }
}
