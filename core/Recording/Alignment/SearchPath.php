<?php

declare(strict_types=1);

namespace Daybright\Recording\Alignment;

/** The best way through a script that was found for a take. */
final readonly class SearchPath
{
    /**
     * @param  list<int>  $frames frame of the reference for every window of the take; −1 in a gap
     * @param  list<int>  $gaps number of the word before which the gap stands, for every window in one; −1 elsewhere
     * @param  list<array{int, int}>  $skips window, and number of the sentence that is left out there
     * @param  list<array{int, int}>  $restarts window, and number of the word at which the sentence is begun again
     */
    public function __construct(public array $frames, public array $gaps, public array $skips, public array $restarts)
    {
    }
}
