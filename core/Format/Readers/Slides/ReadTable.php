<?php

declare(strict_types=1);

namespace Daybright\Format\Readers\Slides;

/** A table on a slide that is brought in, or the numbers of a chart. */
final readonly class ReadTable implements ReadPiece
{
    /** @param  non-empty-list<non-empty-list<string>>  $rows all of the same length */
    public function __construct(public array $rows, public bool $hasHead, public bool $hasSide, private int $click)
    {
    }

    public function click(): int
    {
        return $this->click;
    }
}
