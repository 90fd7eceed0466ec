<?php

declare(strict_types=1);

namespace Daybright\Recording\Tracks\Footage;

/** Where a picture of the camera, or of a window, is seen. */
enum Place: string
{
    /** In a place of its own; the slide makes room for it. */
    case Beside = 'beside';

    /** Where the slide is seen otherwise. */
    case Whole = 'whole';

    case Away = 'away';
}
