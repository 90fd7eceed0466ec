<?php

namespace App\Adapters\Video;

use RuntimeException;

/** A video that could not be made. */
final class VideoFailed extends RuntimeException
{
}
