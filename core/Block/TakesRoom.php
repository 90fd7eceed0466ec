<?php

declare(strict_types=1);

namespace Daybright\Block;

use Daybright\Scene\RenderContext;

/** A block that takes the room that is left on the slide, such as a picture. Others are as high as what they say. */
interface TakesRoom
{
    /** In slide units. */
    public function leastWidth(): float;

    /** In slide units. */
    public function leastHeight(): float;

    /** Width over height of what it shows; null where it fits itself into any room. */
    public function shape(RenderContext $context): ?float;
}
