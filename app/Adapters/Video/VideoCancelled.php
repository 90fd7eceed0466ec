<?php

namespace App\Adapters\Video;

use RuntimeException;

/** The teacher stopped the making of a video. */
final class VideoCancelled extends RuntimeException
{
}
