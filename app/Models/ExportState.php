<?php

declare(strict_types=1);

namespace App\Models;

/** How far a file to take away is on its way. */
enum ExportState: string
{
    /** Those that are still on their way. */
    public const ON_THE_WAY = [self::Waiting, self::Making];

    case Waiting = 'waiting';
    case Making = 'making';
    case Ready = 'ready';
    case Failed = 'failed';
    case Cancelled = 'cancelled';
}
