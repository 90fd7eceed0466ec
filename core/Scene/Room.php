<?php

declare(strict_types=1);

namespace Daybright\Scene;

/** The room a block gets, and the size of its running text. */
final readonly class Room
{
    /**
     * @param  float  $width in slide units
     * @param  float|null  $height in slide units, for blocks that take what is left; null while they are measured
     * @param  float  $size of running text, in slide units
     */
    public function __construct(public float $width, public ?float $height, public float $size, public Setting $setting)
    {
    }

    public function text(string $text, float $scale = 1, string $colour = Paint::INK, bool $bold = false, ?float $width = null): SetText
    {
        $style = new TextStyle(max(Typesetter::SMALLEST, $this->size * $scale), $colour, $bold, $this->setting->centred ? 0.5 : 0);

        return $this->setting->type->set($this->setting->filled($text), $width ?? $this->width, $style);
    }
}
