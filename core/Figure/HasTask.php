<?php

declare(strict_types=1);

namespace Daybright\Figure;

/** A figure that is itself a task for the student: to sort, to label, to put in order, to mark. */
interface HasTask extends Figure
{
    /** @return array<string, mixed> content of a question block */
    public function task(): array;
}
