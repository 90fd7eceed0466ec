<?php

declare(strict_types=1);

namespace Daybright\Format\Readers\Slides;

/** A text of a slide that is brought in. */
final readonly class ReadText implements ReadPiece
{
    /** @param  list<string>  $paragraphs as they are typed here: an entry of a list begins with “- ” */
    public function __construct(public array $paragraphs, private int $click)
    {
    }

    public function click(): int
    {
        return $this->click;
    }
}
