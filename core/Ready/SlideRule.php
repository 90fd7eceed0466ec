<?php

declare(strict_types=1);

namespace Daybright\Ready;

/** A rule that needs to see one slide and nothing else, so that its findings are kept for as long as the slide stays as it is. */
interface SlideRule extends Rule
{
    /** @return list<Finding> */
    public function check(SlideInspection $inspection): array;
}
