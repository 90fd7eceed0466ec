<?php

declare(strict_types=1);

namespace Daybright\Recording\Editing;

/** One way to make a lesson shorter. */
interface Proposes
{
    /**
     * @param  list<EditedTake>  $takes in the order of the lesson
     * @return list<Proposal> in the order of the lesson
     */
    public function propose(array $takes): array;
}
