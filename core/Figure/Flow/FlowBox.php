<?php

declare(strict_types=1);

namespace Daybright\Figure\Flow;

/** One box: its words, how far it stands from the beginning, and the box it branches off. */
final readonly class FlowBox
{
    /** @param  int|null  $parent number of a box */
    public function __construct(public string $text, public int $level, public ?int $parent)
    {
    }
}
