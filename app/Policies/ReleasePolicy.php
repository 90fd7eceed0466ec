<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Release;
use App\Models\User;

/** The teacher of its lesson alone. */
final class ReleasePolicy
{
    public function own(User $user, Release $release): bool
    {
        return $release->lesson->user_id === $user->id;
    }
}
