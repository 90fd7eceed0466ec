<?php

namespace App\Console;

use App\Models\Lesson;
use DomainException;

/** Finds the lesson named on the command line by its id or its title. */
trait FindsLesson
{
    private function lesson(string $name): Lesson
    {
        $found = Lesson::query()->whereKey($name)->orWhere('title', $name)->get();

        return match ($found->count()) {
            1 => $found->first(),
            0 => throw new DomainException("There is no lesson with the id or title “{$name}”."),
            default => throw new DomainException("Several lessons are called “{$name}”. Give the id: ".$found->pluck('id')->implode(', ')),
        };
    }
}
