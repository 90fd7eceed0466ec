<?php

declare(strict_types=1);

namespace Daybright\Release;

/** A stretch of a shared lesson that a student gets at once. */
final readonly class FrozenStage
{
    /** @param  float  $from and $to in milliseconds of narration, half-open */
    public function __construct(public float $from, public float $to)
    {
    }
}
