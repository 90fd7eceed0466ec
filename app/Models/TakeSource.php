<?php

declare(strict_types=1);

namespace App\Models;

/** Whose voice a take holds. */
enum TakeSource: string
{
    case Microphone = 'microphone';
    case Practice = 'practice';
}
