<?php

declare(strict_types=1);

namespace Daybright\Block\Clip;

/** What is said or heard in a clip. */
final readonly class ClipCaption
{
    /** @param  float  $from and $to in seconds of the clip */
    public function __construct(public float $from, public float $to, public string $text)
    {
    }
}
