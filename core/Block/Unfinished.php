<?php

declare(strict_types=1);

namespace Daybright\Block;

/** A block that can be on a slide before it is whole. */
interface Unfinished
{
    /** @return string|null what is missing and what to do; null when nothing is */
    public function missing(): ?string;
}
