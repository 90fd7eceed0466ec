<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Take;
use App\Models\User;

/** The teacher of its lesson alone. */
final class TakePolicy
{
    public function own(User $user, Take $take): bool
    {
        return $take->lesson->user_id === $user->id;
    }
}
