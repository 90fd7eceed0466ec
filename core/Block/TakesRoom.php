<?php

declare(strict_types=1);

namespace Daybright\Block;

use Daybright\Scene\Box;
use Daybright\Scene\RenderContext;

/** A block that takes the room that is left on the slide, such as a picture. Others are as high as what they say. */
interface TakesRoom
{
    /** The smallest box, at zero, for a room of a width, in slide units: where there is little of it, it may be narrower and higher. */
    public function least(float $width): Box;

    /** Width over height of what it shows; null where it fits itself into any room. */
    public function shape(RenderContext $context): ?float;
}
