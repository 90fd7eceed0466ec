<?php

declare(strict_types=1);

namespace Daybright\Recording\Editing;

/** Something that was done in a take, where it stands on the wave. */
final readonly class WaveMark
{
    /**
     * @param  non-empty-list<array{number: int, at: float}>  $events of which it is made, each with its moment in milliseconds
     * @param  string  $track on which nothing may pass another
     * @param  bool  $isOut whether it is taken out
     */
    public function __construct(public array $events, public string $track, public string $label, public bool $isOut)
    {
    }
}
