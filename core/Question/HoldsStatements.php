<?php

declare(strict_types=1);

namespace Daybright\Question;

use Daybright\Lesson\Statement;

/** A kind of question with texts that may hold sums, besides its prompt and hint. */
interface HoldsStatements
{
    /** @return list<Statement> */
    public function statements(): array;
}
