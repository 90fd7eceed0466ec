<?php

declare(strict_types=1);

namespace Daybright\Format\Readers\Page;

use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;

/** One thing of a page that is brought in, at the place where it stood. */
interface PlacedThing
{
    /** @return list<Shape> pictures named by the parts that they lie in */
    public function shapes(RenderContext $context): array;

    /** @return list<string> names of the parts of its pictures */
    public function parts(): array;
}
