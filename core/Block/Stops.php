<?php

declare(strict_types=1);

namespace Daybright\Block;

/** A block that can stop the lesson. */
interface Stops
{
    /** @return int|null seconds to wait, or null when this one does not stop the lesson */
    public function waits(): ?int;

    public function asks(): string;
}
