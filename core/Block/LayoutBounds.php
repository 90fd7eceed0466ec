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
    /** Steps of type, as multiples of the running text. */
    public const HEADLINE = 1.36;

    public const SMALL = 0.72;

    /** From this size of type on, lines stand closer. */
    private const LARGE = 60.0;

    /**
     * @param  float  $width in slide units
     * @param  float|null  $height in slide units; null while the block is measured
     * @param  float  $size of running text, in slide units
     * @param  float  $align of lines: 0 left, 0.5 in the middle of the room, 1 right
     */
    public function __construct(
        public float $width,
        public ?float $height,
        public float $size,
        public RenderContext $context,
        public float $align = 0,
    ) {
    }

    public function text(
        string $text,
        float $scale = 1,
        string $colour = Paint::INK,
        bool $bold = false,
        ?float $width = null,
        ?float $align = null,
    ): SetText {
        $size = max(Typesetter::SMALLEST, $this->size * $scale);
        $style = new TextStyle($size, $colour, $bold, $align ?? $this->align, $size >= self::LARGE ? 1.2 : 1.32);

        return $this->context->type->set($this->context->filled($text), $width ?? $this->width, $style);
    }

    /** How much higher the block may be than it needs, spread over its gaps: never so far that what belongs together falls apart. */
    public function spread(float $needed, float $gaps, float $most): float
    {
        return $gaps < 1 || $this->height === null ? 0.0 : min($most, max(0.0, $this->height - $needed) / $gaps);
    }
}
