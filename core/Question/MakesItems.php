<?php

declare(strict_types=1);

namespace Daybright\Question;

use Daybright\Figure\Variation;

/** A kind of question whose items are made from numbers, so that there is always another one. */
interface MakesItems
{
    /**
     * @param  int  $level 1 to 3
     * @return list<Variation> those that it asks
     */
    public function items(int $level): array;

    /** @param  int  $level 1 to 3 */
    public function another(int $seed, int $level): ?Variation;
}
