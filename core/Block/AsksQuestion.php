<?php

declare(strict_types=1);

namespace Daybright\Block;

use Daybright\Lesson\Fields;
use Daybright\Question\Question;

/** A kind of block that asks something, knows its answer, and marks what is given. */
interface AsksQuestion
{
    public function question(Fields $content): Question;
}
