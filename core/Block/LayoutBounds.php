<?php

declare(strict_types=1);

namespace Daybright\Block;

use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\SetText;
use Daybright\Scene\TextStyle;
use Daybright\Scene\Typesetter;

/** The room a block gets, and the size of its running text. */
final readonly class LayoutBounds
{
    /**
     * @param  float  $width in slide units
     * @param  float|null  $height in slide units, for blocks that take what is left; null while they are measured
     * @param  float  $size of running text, in slide units
     */
    public function __construct(public float $width, public ?float $height, public float $size, public RenderContext $context)
    {
    }

    public function text(string $text, float $scale = 1, string $colour = Paint::INK, bool $bold = false, ?float $width = null): SetText
    {
        $style = new TextStyle(max(Typesetter::SMALLEST, $this->size * $scale), $colour, $bold, $this->context->centred ? 0.5 : 0);

        return $this->context->type->set($this->context->filled($text), $width ?? $this->width, $style);
    }
}
