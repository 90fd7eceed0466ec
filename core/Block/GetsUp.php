<?php

declare(strict_types=1);

namespace Daybright\Block;

/** A block that can send students off their chairs while the lesson waits. */
interface GetsUp
{
    public function getsUp(): bool;
}
