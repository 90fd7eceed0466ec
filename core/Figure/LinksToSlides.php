<?php

declare(strict_types=1);

namespace Daybright\Figure;

use Daybright\Scene\Box;
use Daybright\Scene\Link;
use Daybright\Scene\RenderContext;

/** A figure from which a student can go to side slides. */
interface LinksToSlides extends Figure
{
    /** @return array<string, Link> by the step of the figure that shows it; drawn in the same box as the scene */
    public function links(Box $box, RenderContext $context): array;
}
