<?php

declare(strict_types=1);

namespace Daybright\Format\Readers\Page;

use Daybright\Figure\Figure;
use Daybright\Scene\Box;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;

/** A chart, drawn anew by the figure that its numbers make. */
final readonly class PlacedChart implements PlacedThing
{
    public function __construct(private Box $box, private Figure $figure)
    {
    }

    public function parts(): array
    {
        return [];
    }

    public function shapes(RenderContext $context): array
    {
        $least = $this->figure->smallest();
        // What is smaller than the figure's least box is drawn large and seen smaller.
        $scale = min(1.0, $this->box->width / $least->width, $this->box->height / $least->height);
        $room = new Box(0, 0, $this->box->width / $scale, $this->box->height / $scale);
        $shapes = [];
        foreach ($this->figure->scene($room, $context) as $drawn) {
            array_push($shapes, ...$drawn);
        }

        return [Shape::window($this->box, $room, $shapes)];
    }
}
