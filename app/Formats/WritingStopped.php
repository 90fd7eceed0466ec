<?php

declare(strict_types=1);

namespace App\Formats;

use RuntimeException;

/** The making of a file was stopped: by the teacher, or because something else comes first. */
final class WritingStopped extends RuntimeException
{
}
