<?php

declare(strict_types=1);

namespace App\Watching;

use App\Models\Moment;
use App\Models\MomentKind;
use App\Models\Visit;

/** What a student wrote to themselves at the end of the lesson before, to be read again before the next one of its series. */
final class LetterToSelf
{
    public static function before(Visit $visit): ?string
    {
        $lesson = $visit->share->lesson;
        if ($lesson->series_id === null) {
            return null;
        }

        return Moment::query()
            ->where('kind', MomentKind::Letter)
            ->whereHas('visit', static fn ($before) => $before
                ->where('student_id', $visit->student_id)
                ->whereHas('share.lesson', static fn ($earlier) => $earlier
                    ->where('series_id', $lesson->series_id)
                    ->where('place', '<', $lesson->place)))
            ->latest()
            ->value('text');
    }
}
