<?php

declare(strict_types=1);

namespace App\Models;

/** How far a take is on its way. */
enum TakeState: string
{
    case Recording = 'recording';
    case Preparing = 'preparing';
    case Ready = 'ready';
    case Failed = 'failed';
}
