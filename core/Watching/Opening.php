<?php

declare(strict_types=1);

namespace Daybright\Watching;

/** What of a lesson is open to a class by now, and in which order it may be done. */
final readonly class Opening
{
    /**
     * @param  list<string>  $closed parts, such as “recap”, that the class cannot see yet
     * @param  bool  $inAnyOrder whether a question that waits holds up its own part alone
     * @param  bool  $answersLater whether the answers of the exit check stay closed though it is handed in
     */
    public function __construct(public array $closed = [], public bool $inAnyOrder = false, public bool $answersLater = false)
    {
    }
}
