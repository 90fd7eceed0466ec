<?php

declare(strict_types=1);

namespace Daybright\Recording;

/** A caption: words and when they are shown. */
final readonly class Cue
{
    /** @param  float  $from and $to in milliseconds */
    public function __construct(public float $from, public float $to, public string $text)
    {
    }
}
