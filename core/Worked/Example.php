<?php

declare(strict_types=1);

namespace Daybright\Worked;

use Daybright\Maths\Quantity;

/** A task worked out line by line. */
final readonly class Example
{
    /**
     * @param  non-empty-list<Line>  $lines
     * @param  Quantity|string  $answer a number with its unit, or words
     */
    public function __construct(public string $task, public array $lines, public Quantity|string $answer)
    {
    }
}
