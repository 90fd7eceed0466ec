<?php

declare(strict_types=1);

namespace Daybright\Format\Qti;

use Daybright\Question\Question;

/** How questions of some kinds are asked and marked in QTI. */
interface Interaction
{
    /** @return list<string> names of the kinds of question */
    public static function kinds(): array;

    /** Null where this question cannot be expressed. */
    public static function of(Question $question): ?ItemParts;
}
