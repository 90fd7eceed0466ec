<?php

declare(strict_types=1);

namespace Daybright\Block;

/** A block that can show the numbers of another one instead of its own. */
interface FedByTable
{
    public function fedBy(HoldsTable $table): BlockContent;
}
