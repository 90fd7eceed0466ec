<?php

declare(strict_types=1);

namespace App\Watching\Kept;

/** Whether a student may keep a lesson on a device, and whether what lies behind a question is sealed there until it is answered. */
enum Keeping: string
{
    case Sealed = 'sealed';
    case Open = 'open';
    case No = 'no';
}
