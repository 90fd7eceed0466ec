<?php

declare(strict_types=1);

namespace Daybright\Watching;

/** Answers that can be marked together. */
final readonly class AnswerGroup
{
    /** @param  list<string>  $answers ids */
    public function __construct(public Likeness $likeness, public array $answers)
    {
    }
}
