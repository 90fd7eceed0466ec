<?php

declare(strict_types=1);

namespace Daybright\Ready;

/** A rule that needs to see the whole lesson, or what is recorded of it. */
interface LessonRule extends Rule
{
    /** @return list<Finding> */
    public function check(LessonInspection $inspection): array;
}
