<?php

declare(strict_types=1);

namespace Daybright\Ready\Rules;

use Daybright\Maths\Checking\Equality;
use Daybright\Ready\Cost;
use Daybright\Ready\SlideInspection;
use Daybright\Ready\SlideRule;

/** A unit that is missing, or that measures something else. */
final readonly class UnitTrouble implements SlideRule
{
    public function name(): string
    {
        return 'unit';
    }

    public function cost(): Cost
    {
        return Cost::Misleads;
    }

    public function check(SlideInspection $inspection): array
    {
        return $inspection->equalities($this->name(), static fn (Equality $equality): bool => $equality->verdict->isAboutTheUnit());
    }
}
