<?php

declare(strict_types=1);

namespace Daybright\Ready;

/** One thing that can be wrong with a lesson before it is recorded. */
interface Rule
{
    public function name(): string;

    /** @return list<Finding> */
    public function check(Inspection $inspection): array;
}
