<?php

declare(strict_types=1);

namespace Daybright\Recording\Alignment;

/** A word of a script as it is written, and as it is spoken. */
final readonly class ScriptWord
{
    /**
     * @param  int  $sentence number of its sentence, from 0
     * @param  list<string>  $spoken words that are said for it; none for what is only a sign
     * @param  int  $pause after it: 0 none, 1 short, 2 the end of a sentence
     */
    public function __construct(public string $text, public int $sentence, public array $spoken, public int $pause)
    {
    }

    /** How long it takes to say, in letters: good enough to share a stretch out by. */
    public function weight(): float
    {
        return array_sum(array_map(mb_strlen(...), $this->spoken)) + 1.0;
    }
}
