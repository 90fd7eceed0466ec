<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\IncomingClip;
use App\Models\User;

/** The teacher who sends it alone. */
final class IncomingClipPolicy
{
    public function own(User $user, IncomingClip $clip): bool
    {
        return $clip->user_id === $user->id;
    }
}
