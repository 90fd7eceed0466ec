<?php

declare(strict_types=1);

namespace Daybright\Question;

/** A kind of question of which an answer that earns all marks can be written down, as a student would give it. */
interface KnowsRightAnswer
{
    /** Null where any of several would be right, such as what was measured. */
    public function rightAnswer(): ?string;
}
