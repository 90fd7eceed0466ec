<?php

declare(strict_types=1);

namespace Daybright\Recording\Alignment;

/** A stretch of a take in which something else is said than the script has. */
final readonly class Departure
{
    /**
     * @param  float  $from and $to in milliseconds of the take; the same for what was left out
     * @param  int  $word number of the word of the script at which it happens
     * @param  string  $text of the script that was left out, or begun again; empty for what was added
     */
    public function __construct(public DepartureKind $kind, public float $from, public float $to, public int $word, public string $text)
    {
    }
}
