<?php

declare(strict_types=1);

namespace Daybright\Block;

/** A block that says what a word means. */
interface ExplainsTerm
{
    /** Empty while none is written. */
    public function term(): string;
}
