<?php

declare(strict_types=1);

namespace App\Replies;

use App\Models\Lesson;
use App\Models\Share;

/** What the classes did with a lesson: by question, by aim, by moment and by student. */
final class Replies
{
    /** @return array<string, mixed> */
    public static function of(Lesson $lesson): array
    {
        $shares = $lesson->shares()
            ->with(['classroom.students', 'release', 'visits.student', 'visits.answers', 'visits.moments'])
            ->get();

        return ['classes' => $shares->map(self::share(...))->values()];
    }

    /** @return array<string, mixed> */
    private static function share(Share $share): array
    {
        $replies = ClassReplies::of($share);

        return [
            'id' => $share->id,
            'name' => $share->classroom->name,
            'code' => $share->classroom->code,
            'due' => $share->due,
            'students' => StudentReplies::show($replies),
            'questions' => QuestionReplies::show($replies),
            'aims' => AimReplies::show($replies),
            'groups' => SlipGroups::show($replies),
            'moments' => MomentReplies::show($replies),
        ];
    }
}
