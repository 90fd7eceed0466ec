<?php

declare(strict_types=1);

namespace Daybright\Format\Readers\Page;

use Daybright\Scene\Box;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;

/** A picture that fills its box, or the part of it that is seen. */
final readonly class PlacedPicture implements PlacedThing
{
    /** @param  array{x: float, y: float, width: float, height: float}|null  $crop what is seen, as shares of the picture */
    public function __construct(public Box $box, private string $part, private ?array $crop, private Turn $turn)
    {
    }

    public function parts(): array
    {
        return [$this->part];
    }

    public function shapes(RenderContext $context): array
    {
        $seen = $this->crop ?? ['x' => 0.0, 'y' => 0.0, 'width' => 1.0, 'height' => 1.0];
        // The whole picture in units in which the part that is seen is as large as the box.
        $whole = new Box(0, 0, $this->box->width / $seen['width'], $this->box->height / $seen['height']);
        $view = new Box($seen['x'] * $whole->width, $seen['y'] * $whole->height, $this->box->width, $this->box->height);

        return $this->turn->turned([Shape::window($this->box, $view, [Shape::stretched($whole, $this->part)])], $this->box);
    }
}
