<?php

declare(strict_types=1);

namespace App\Formats;

use RuntimeException;

/** The teacher stopped the making of a video. */
final class WritingStopped extends RuntimeException
{
}
