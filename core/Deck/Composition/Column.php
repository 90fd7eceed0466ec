<?php

declare(strict_types=1);

namespace Daybright\Deck\Composition;

/** Blocks one under another. */
final readonly class Column
{
    /**
     * @param  non-empty-list<int>  $items numbers of the blocks, from 0
     * @param  float  $share of the width of its band, from 0 to 1
     */
    public function __construct(public array $items, public float $share = 1)
    {
    }
}
