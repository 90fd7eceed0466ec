<?php

declare(strict_types=1);

namespace Daybright\Recording\Alignment;

/** How what is said differs from the script. */
enum DepartureKind: string
{
    /** A sentence of the script was left out. */
    case Skipped = 'skipped';

    /** Something was said that is not in the script. */
    case Added = 'added';

    /** A sentence was begun, and then begun again. */
    case Restarted = 'restarted';
}
