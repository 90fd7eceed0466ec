<?php

declare(strict_types=1);

namespace Daybright\Question;

/** A kind of question whose marks are earned by what an answer says, one each. */
interface HasMarkPoints
{
    /** @return list<Item> */
    public function markPoints(): array;
}
