<?php

declare(strict_types=1);

namespace Daybright\Ready;

/** Something that the ready check looks for: in every slide by itself, or in the lesson as a whole. */
interface Rule
{
    public function name(): string;

    public function cost(): Cost;
}
