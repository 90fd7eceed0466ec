<?php

declare(strict_types=1);

namespace Daybright\Lesson;

/** A text on a slide that may hold sums, and where it stands in the block. */
final readonly class Statement
{
    /** @param  string  $field path inside the block's content */
    public function __construct(public string $text, public string $field)
    {
    }
}
