<?php

declare(strict_types=1);

namespace Daybright\Recording\Alignment;

/** A word of the script where it is said. */
final readonly class AlignedWord
{
    /**
     * @param  float  $from and $to in milliseconds of the take; the same where it is not said
     * @param  bool  $isSaid whether its sentence was not left out
     */
    public function __construct(public string $text, public float $from, public float $to, public bool $isSaid)
    {
    }
}
