<?php

declare(strict_types=1);

namespace Daybright\Block;

use Daybright\Figure\Variation;

/** Another item of what a block shows. */
final readonly class AnotherItem
{
    /** @param  string|null  $figure name of the figure that shows with its quantities why the answer is right */
    public function __construct(public Variation $item, public ?string $figure = null)
    {
    }
}
