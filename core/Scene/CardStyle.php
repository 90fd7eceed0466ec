<?php

declare(strict_types=1);

namespace Daybright\Scene;

/** How cards look: their corners, and what bounds them. */
final readonly class CardStyle
{
    /**
     * @param  float  $corner radius in slide units
     * @param  float  $line width of the line around; 0 for none
     * @param  bool  $edged whether the upper edge is a bar in the strong colour
     */
    public function __construct(public float $corner = 26, public float $line = 2, public bool $edged = false)
    {
    }

    /** @return list<Shape> */
    public function shapes(Box $box, string $strong): array
    {
        $corner = min($this->corner, $box->height / 2);
        $paint = $this->line > 0 ? Paint::outlined(Paint::RULE, $this->line, Paint::CARD) : Paint::filled(Paint::CARD);
        $edge = new Box($box->x + $corner, $box->y, max(0.0, $box->width - 2 * $corner), 6);

        return [
            Shape::rectangle($box, $paint, $corner),
            ...($this->edged ? [Shape::rectangle($edge, Paint::filled($strong))] : []),
        ];
    }
}
