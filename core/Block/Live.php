<?php

declare(strict_types=1);

namespace Daybright\Block;

use Daybright\Figure\Live\Handle;

/** A block that can be worked while it is shown: an act is a merge patch of its content. */
interface Live extends BlockContent
{
    /**
     * @return list<Handle> changes are of the content
     *
     * @throws CannotBeDrawn
     */
    public function handles(LayoutBounds $bounds): array;

    /** Whether there is something in it to be worked at all. */
    public function isWorked(): bool;

    /**
     * Whether a change touches only what may change while it is shown.
     *
     * @param  array<mixed>  $change
     */
    public function allows(array $change): bool;

    /** What has been done since it was otherwise, in words; empty where it is the same. */
    public function done(BlockContent $before): string;
}
