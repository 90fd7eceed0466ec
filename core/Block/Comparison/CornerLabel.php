<?php

declare(strict_types=1);

namespace Daybright\Block\Comparison;

use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\SetText;
use Daybright\Scene\Shape;
use Daybright\Scene\TextField;

/** What a picture is called, in its upper corner. */
final readonly class CornerLabel
{
    public function __construct(private Box $box, private SetText $text, private float $margin)
    {
    }

    /** @return list<Shape> */
    public function shapes(RenderContext $context): array
    {
        return [
            Shape::rectangle($this->box, Paint::outlined($context->strong, 3, Paint::CARD), 6),
            ...$this->text->shapes($this->box->x + $this->margin, $this->box->y + $this->margin / 2),
        ];
    }

    public function field(string $path, string $label): TextField
    {
        return $this->text->field($path, $label, $this->box->x + $this->margin, $this->box->y + $this->margin / 2);
    }
}
