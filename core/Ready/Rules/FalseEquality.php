<?php

declare(strict_types=1);

namespace Daybright\Ready\Rules;

use Daybright\Maths\Checking\Equality;
use Daybright\Maths\Checking\Verdict;
use Daybright\Ready\Cost;
use Daybright\Ready\SlideInspection;
use Daybright\Ready\SlideRule;

/** A sum that is not right. */
final readonly class FalseEquality implements SlideRule
{
    public function name(): string
    {
        return 'false-equality';
    }

    public function cost(): Cost
    {
        return Cost::Misleads;
    }

    public function check(SlideInspection $inspection): array
    {
        return $inspection->equalities($this->name(), static fn (Equality $equality): bool => $equality->verdict === Verdict::False);
    }
}
