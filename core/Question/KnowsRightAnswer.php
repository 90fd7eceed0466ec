<?php

declare(strict_types=1);

namespace Daybright\Question;

/** A kind of question of which an answer that earns all marks can be written down, as a student would give it. */
interface KnowsRightAnswer
{
    public function rightAnswer(): string;
}
