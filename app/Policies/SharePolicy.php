<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Share;
use App\Models\User;

/** The teacher of its lesson alone. */
final class SharePolicy
{
    public function own(User $user, Share $share): bool
    {
        return $share->lesson->user_id === $user->id;
    }
}
