<?php

declare(strict_types=1);

namespace Daybright\Release;

use Daybright\Lesson\Fields;

/** Something outside the lesson that a slide leads to, as it was when the lesson was shared. */
final readonly class FrozenAddress
{
    /**
     * @param  string  $part how much of it, and how long that takes; empty where nothing is said
     * @param  int  $step at which its card is there, from 0
     */
    public function __construct(public string $title, public string $address, public string $why, public string $part, public int $step)
    {
    }

    public static function read(Fields $link): self
    {
        return new self($link->text('title'), $link->text('address'), $link->text('why'), $link->text('part'), $link->whole('step'));
    }
}
