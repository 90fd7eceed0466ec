<?php

declare(strict_types=1);

namespace Daybright\Format\Readers\Slides;

use Daybright\Scene\Box;

/** A text of a slide that is brought in. */
final readonly class ReadText implements ReadPiece
{
    /**
     * @param  list<string>  $paragraphs as they are typed here: an entry of a list begins with “- ”
     * @param  Box|null  $box where it stood, in units of a page 1600 wide, as far as that is known
     */
    public function __construct(public array $paragraphs, private int $click, public ?Box $box = null)
    {
    }

    public function click(): int
    {
        return $this->click;
    }
}
