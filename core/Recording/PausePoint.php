<?php

declare(strict_types=1);

namespace Daybright\Recording;

/** A place where the narration of the finished lesson waits: students try something, or a clip plays. */
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
