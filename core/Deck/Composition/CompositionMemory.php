<?php

declare(strict_types=1);

namespace Daybright\Deck\Composition;

/** Remembers how blocks were composed: a slide of which only the title or the script changes is not composed anew. */
interface CompositionMemory
{
    /** @param  string  $key of all that a composition depends on */
    public function recall(string $key): ?ComposedSlide;

    public function remember(string $key, ComposedSlide $composed): void;
}
