<?php

declare(strict_types=1);

namespace Daybright\Question;

use Daybright\Figure\Variation;

/** A kind of question with items without end, which are answered one by one until a goal is reached. */
interface PractisedToGoal extends MakesItems
{
    /** Null where a set is answered at once. */
    public function goal(): ?PractiseGoal;

    /** @throws InvalidAnswer when it is to be put right first */
    public function markItem(Variation $item, string $given): Marking;
}
