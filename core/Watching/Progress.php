<?php

declare(strict_types=1);

namespace Daybright\Watching;

use Daybright\Release\LessonOutline;

/** How far a student has come in a lesson, which decides how much of it they may know. */
final readonly class Progress
{
    /** @param  list<string>  $answered blocks whose question this student has answered */
    public function __construct(public array $answered = [], public bool $handedIn = false)
    {
    }

    /** @return list<self> all that there is on the way: nothing answered, one question after the other, at last the exit check handed in */
    public static function through(LessonOutline $lesson, Opening $opening = new Opening): array
    {
        $way = [new self];
        $answered = [];
        $isChecked = false;
        foreach (SealedRanges::open($lesson, $opening) as $pause) {
            if ($pause->question !== null) {
                $answered[] = $pause->block;
                $way[] = new self($answered);
                $isChecked = $isChecked || $pause->exitCheck;
            }
        }

        return $isChecked ? [...$way, new self($answered, true)] : $way;
    }
}
