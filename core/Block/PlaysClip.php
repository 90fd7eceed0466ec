<?php

declare(strict_types=1);

namespace Daybright\Block;

use Daybright\Block\Clip\MarkedClip;

/** A block with a clip that plays at its step, while the narration waits. */
interface PlaysClip
{
    /** @return MarkedClip|null what of which clip is played; null while none is chosen */
    public function clip(): ?MarkedClip;
}
