<?php

declare(strict_types=1);

namespace Daybright\Scene;

/** How a text is set. */
final readonly class TextStyle
{
    /**
     * @param  float  $size in slide units
     * @param  float  $align 0 left, 0.5 centred, 1 right
     * @param  float  $leading line height as a multiple of the size
     */
    public function __construct(
        public float $size,
        public string $colour = Paint::INK,
        public bool $bold = false,
        public float $align = 0,
        public float $leading = 1.32,
    ) {
    }

    public function sized(float $size): self
    {
        return new self($size, $this->colour, $this->bold, $this->align, $this->leading);
    }

    public function coloured(string $colour): self
    {
        return new self($this->size, $colour, $this->bold, $this->align, $this->leading);
    }
}
