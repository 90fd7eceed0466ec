<?php

declare(strict_types=1);

namespace Daybright\Ready\Rules;

use Daybright\Maths\Checking\Equality;
use Daybright\Ready\Inspection;
use Daybright\Ready\Rule;
use Daybright\Ready\Sums;

/** A sum that is not right. */
final readonly class FalseEquality implements Rule
{
    public function name(): string
    {
        return 'false-equality';
    }

    public function check(Inspection $inspection): array
    {
        return Sums::findings($this->name(), $inspection, static fn (Equality $equality): bool => $equality->verdict === 'false');
    }
}
