<?php

declare(strict_types=1);

namespace Daybright\Scene;

/** A list of which entries are typed in place: how it grows and shrinks. */
final readonly class Repetition
{
    /**
     * @param  string|array<string, mixed>|list<string>  $blank a new entry; an id that it has is made anew, and a list is a row of cells
     * @param  int  $least and $most: how many entries there may be
     */
    public function __construct(public string|array $blank, public int $least, public int $most)
    {
    }
}
