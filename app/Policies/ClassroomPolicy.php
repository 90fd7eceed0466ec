<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Classroom;
use App\Models\User;

/** Its own teacher alone. */
final class ClassroomPolicy
{
    public function own(User $user, Classroom $classroom): bool
    {
        return $classroom->user_id === $user->id;
    }
}
