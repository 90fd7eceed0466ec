<?php

declare(strict_types=1);

namespace Daybright\Format\Readers\Slides;

/** One thing on a slide that is brought in. */
interface ReadPiece
{
    /** The click that brings it, from 1; 0 where it is there from the beginning. */
    public function click(): int;
}
