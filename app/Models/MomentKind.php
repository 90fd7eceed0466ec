<?php

declare(strict_types=1);

namespace App\Models;

/** What a student does at a moment of a lesson, besides watching it. */
enum MomentKind: string
{
    /** “I am lost here.” */
    case Lost = 'lost';

    case Question = 'question';

    /** The student’s own words, for later. */
    case Note = 'note';

    /** To oneself, at the end: it is shown again before the next lesson of the series. */
    case Letter = 'letter';

    /** Went back to hear it again. */
    case Back = 'back';

    public function hasWords(): bool
    {
        return in_array($this, [self::Question, self::Note, self::Letter], true);
    }
}
