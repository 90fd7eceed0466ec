<?php

declare(strict_types=1);

namespace Daybright\Question;

/** Marks for an answer of several pieces: in proportion to what is right, all of them only for all of it. */
final class Share
{
    /** @param  string  $sentence for a student who has some of it */
    public static function award(int $right, int $all, int $marks, string $sentence): Marking
    {
        if ($right >= $all) {
            return Marking::right($marks);
        }
        $earned = $all === 0 ? 0 : min($marks - 1, intdiv($marks * $right, $all));

        return $earned > 0 ? Marking::partly($earned, $marks, $sentence) : Marking::wrong($marks, $sentence);
    }
}
