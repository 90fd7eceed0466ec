<?php

declare(strict_types=1);

namespace Daybright\Format\Readers\Slides;

use Daybright\Scene\Box;

/** A picture on a slide that is brought in. */
final readonly class ReadPicture implements ReadPiece
{
    /**
     * @param  string  $part name of its file in the package
     * @param  array{x: float, y: float, width: float, height: float}|null  $crop what is seen, as shares of the picture
     * @param  Box|null  $box where it stood, in units of a page 1600 wide, as far as that is known
     */
    public function __construct(
        public string $part,
        public string $description,
        public ?array $crop,
        private int $click,
        public ?Box $box = null,
        public string $caption = '',
    ) {
    }

    public function captioned(string $caption): self
    {
        return new self($this->part, $this->description, $this->crop, $this->click, $this->box, $caption);
    }

    public function click(): int
    {
        return $this->click;
    }
}
