<?php

declare(strict_types=1);

namespace Daybright\Recording;

/** A place where the finished lesson stops. */
final readonly class PausePoint
{
    /**
     * @param  int  $at samples of narration before it
     * @param  int  $seconds to wait
     */
    public function __construct(public string $block, public string $slide, public int $at, public int $seconds, public string $prompt)
    {
    }
}
