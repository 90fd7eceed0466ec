<?php

declare(strict_types=1);

namespace Daybright;

use Throwable;

/**
 * Whatever core refuses or cannot do. Each kind of failure is a class with named constructors; its message is a sentence for a person
 * (docs/decisions/failures.md).
 */
interface Failure extends Throwable
{
    /** Stable, for programs and logs: never shown, and never changed. */
    public static function failureCode(): string;
}
