<?php

declare(strict_types=1);

namespace Daybright\Recording\Tracks\Footage;

/** What footage shows. */
enum Source: string
{
    case Camera = 'camera';

    /** A window of the teacher's computer. */
    case Window = 'window';
}
