<?php

declare(strict_types=1);

namespace App\Formats;

use App\Models\Lesson;

/** A lesson that was brought in, and what its teacher should know about it. */
final readonly class BroughtIn
{
    /**
     * @param  list<string>  $findings what was left out or changed on the way, a sentence each
     * @param  int  $choices how many slides can be kept in another way
     */
    public function __construct(public Lesson $lesson, public array $findings, public int $choices)
    {
    }
}
