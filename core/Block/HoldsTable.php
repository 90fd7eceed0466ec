<?php

declare(strict_types=1);

namespace Daybright\Block;

/** A block of which the numbers can be shown by another one. */
interface HoldsTable
{
    /** Names and numbers, a row on each line with a semicolon between, its heads in the first. */
    public function separated(): string;

    public function hasNumbers(): bool;
}
