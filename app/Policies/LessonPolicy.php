<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Lesson;
use App\Models\User;

/** Its own teacher alone. */
final class LessonPolicy
{
    public function own(User $user, Lesson $lesson): bool
    {
        return $lesson->user_id === $user->id;
    }
}
