<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Series;
use App\Models\User;

/** Its own teacher alone. */
final class SeriesPolicy
{
    public function own(User $user, Series $series): bool
    {
        return $series->user_id === $user->id;
    }
}
