<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Export;
use App\Models\User;

/** The teacher of its lesson alone. */
final class ExportPolicy
{
    public function own(User $user, Export $export): bool
    {
        return $export->release->lesson->user_id === $user->id;
    }
}
