<?php

declare(strict_types=1);

namespace Daybright\Block;

use Daybright\Scene\Box;
use Daybright\Scene\RenderContext;

/** A block that can be the ground of a slide, with words upon it. */
interface FillsSlide
{
    /** Over the whole of a box. */
    public function filling(Box $box, RenderContext $context): BlockLayout;
}
