<?php

declare(strict_types=1);

namespace App\Models;

/** How far a clip is on its way into a lesson. */
enum ClipState: string
{
    case Arriving = 'arriving';
    case Preparing = 'preparing';
    case Ready = 'ready';
    case Failed = 'failed';
}
