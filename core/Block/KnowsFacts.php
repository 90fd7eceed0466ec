<?php

declare(strict_types=1);

namespace Daybright\Block;

/** A block from which facts follow that texts on its slide may name between braces. */
interface KnowsFacts
{
    /** @return array<string, string> name => as written */
    public function facts(): array;
}
