<?php

declare(strict_types=1);

namespace Daybright\Recording\Tracks;

/** A piece of a take between two cuts. */
final readonly class KeptPiece
{
    /**
     * @param  float  $from milliseconds of narration
     * @param  float  $to milliseconds of narration
     * @param  float  $passed milliseconds that were recorded up to here, with what is cut and without what was paused
     */
    public function __construct(public float $from, public float $to, public float $passed)
    {
    }
}
