<?php

declare(strict_types=1);

namespace Daybright\Worked;

/** One line of working with its reason. */
final readonly class Line
{
    /**
     * @param  string  $formula as a teacher types it; may be empty for a line of words
     * @param  array<int, string>  $marks number of a mark => the piece of the line that carries it: where a number comes from and where it goes have the same
     */
    public function __construct(public string $formula, public string $reason, public array $marks = [])
    {
    }
}
