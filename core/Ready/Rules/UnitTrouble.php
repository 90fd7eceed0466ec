<?php

declare(strict_types=1);

namespace Daybright\Ready\Rules;

use Daybright\Maths\Checking\Equality;
use Daybright\Ready\Inspection;
use Daybright\Ready\Rule;
use Daybright\Ready\Sums;

/** A unit that is missing, or that measures something else. */
final readonly class UnitTrouble implements Rule
{
    public function name(): string
    {
        return 'unit';
    }

    public function check(Inspection $inspection): array
    {
        return Sums::findings($this->name(), $inspection, static fn (Equality $equality): bool => str_starts_with($equality->verdict, 'unit'));
    }
}
