<?php

declare(strict_types=1);

namespace Daybright\Block;

use Daybright\Question\Question;

/** A block that can ask something, knows its answer, and marks what is given. */
interface AsksQuestion
{
    /** The piece with the answer, which never appears together with the question. */
    public static function answerPiece(): string;

    /** Null while it asks nothing. */
    public function question(): ?Question;
}
