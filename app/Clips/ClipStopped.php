<?php

declare(strict_types=1);

namespace App\Clips;

use RuntimeException;

/** The teacher does not want the clip any more that is being made ready. */
final class ClipStopped extends RuntimeException
{
}
