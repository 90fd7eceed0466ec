<?php

declare(strict_types=1);

namespace Daybright\Format\Readers\Slides;

/** A picture on a slide that is brought in. */
final readonly class ReadPicture implements ReadPiece
{
    /**
     * @param  string  $part name of its file in the package
     * @param  array{x: float, y: float, width: float, height: float}|null  $crop what is seen, as shares of the picture
     */
    public function __construct(public string $part, public string $description, public ?array $crop, private int $click)
    {
    }

    public function click(): int
    {
        return $this->click;
    }
}
