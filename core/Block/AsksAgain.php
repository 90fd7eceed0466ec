<?php

declare(strict_types=1);

namespace Daybright\Block;

/** A block that something can be asked about again, with other numbers. */
interface AsksAgain extends BlockContent
{
    /**
     * @param  int  $level 1 to 3
     * @return AnotherItem|null null where what it holds does not vary, or not so
     */
    public function another(int $seed, int $level): ?AnotherItem;
}
