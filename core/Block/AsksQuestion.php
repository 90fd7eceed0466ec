<?php

declare(strict_types=1);

namespace Daybright\Block;

use Daybright\Question\Question;

/** A block that asks something, knows its answer, and marks what is given. */
interface AsksQuestion
{
    public function question(): Question;
}
