<?php

declare(strict_types=1);

namespace Daybright\Block;

use Daybright\Lesson\Fields;

/** A kind of block that can stop the lesson. */
interface Stops
{
    /** @return int|null seconds to wait, or null when this one does not stop the lesson */
    public function waits(Fields $content): ?int;

    public function asks(Fields $content): string;
}
