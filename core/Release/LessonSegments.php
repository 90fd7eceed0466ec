<?php

declare(strict_types=1);

namespace Daybright\Release;

use Daybright\Recording\Clock;
use Daybright\Recording\Cue;
use Daybright\Recording\TimelineTracks;
use Daybright\Recording\Tracks\Interval;
use Daybright\Recording\Tracks\ShownSlide;

/** A frozen lesson chapter by chapter, each on a clock of its own: a slide that does not change is the same wherever it stands. */
final class LessonSegments
{
    /** @return list<FrozenLesson> in order */
    public static function of(FrozenLesson $lesson): array
    {
        return array_map(static fn (FrozenChapter $chapter): FrozenLesson => self::segment($lesson, $chapter), $lesson->chapters);
    }

    private static function segment(FrozenLesson $lesson, FrozenChapter $chapter): FrozenLesson
    {
        $earlier = -Clock::samples($chapter->at);
        $tracks = self::during($lesson->tracks, $chapter, $earlier);
        $shown = array_map(static fn (ShownSlide $shown): string => $shown->slide, $tracks->shown());
        $pauses = array_map(static fn (FrozenPause $pause): FrozenPause => $pause->moved($earlier), $lesson->pausesOn($chapter->slide));
        $length = Clock::moved($chapter->until, $earlier);

        return new FrozenLesson(
            $chapter->name(),
            $length,
            $length + 1000 * array_sum(array_map(static fn (FrozenPause $pause): int => $pause->seconds, $pauses)),
            array_intersect_key($lesson->slides, array_flip($shown)),
            $tracks,
            self::during($lesson->drawnTall, $chapter, $earlier),
            array_map(
                static fn (Cue $cue): Cue => $cue->moved($earlier),
                array_values(array_filter($lesson->captions, static fn (Cue $cue): bool => self::isIn($chapter, $cue->from))),
            ),
            [new FrozenChapter(0, $length, $chapter->slide, $chapter->title, $chapter->part)],
            $pauses,
        );
    }

    private static function during(TimelineTracks $tracks, FrozenChapter $chapter, int $earlier): TimelineTracks
    {
        return $tracks->changed(
            static fn (Interval $interval): ?Interval => self::isIn($chapter, $interval->from) ? $interval->moved($earlier) : null,
        );
    }

    private static function isIn(FrozenChapter $chapter, float $moment): bool
    {
        return $moment >= $chapter->at && $moment < $chapter->until;
    }
}
