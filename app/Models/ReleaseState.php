<?php

declare(strict_types=1);

namespace App\Models;

/** How far a shared version is on its way. */
enum ReleaseState: string
{
    case Making = 'making';
    case Ready = 'ready';
    case Failed = 'failed';
}
