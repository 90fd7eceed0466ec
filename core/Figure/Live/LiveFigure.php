<?php

declare(strict_types=1);

namespace Daybright\Figure\Live;

use Daybright\Figure\Figure;
use Daybright\Scene\Box;
use Daybright\Scene\RenderContext;

/** A figure that can be worked while it is shown. Every state of it is drawn in the same box. */
interface LiveFigure extends Figure
{
    /** @return non-empty-list<string> names of the quantities that may change meanwhile */
    public static function live(): array;

    /**
     * @param  Box  $box that it is drawn in
     * @return list<Handle> changes are of its quantities
     */
    public function handles(Box $box, RenderContext $context): array;

    /**
     * What has been done, for who cannot see it, such as “puts the candle into ‘Gives light’”.
     *
     * @param  self  $before the same figure as it was
     */
    public function done(self $before): string;
}
