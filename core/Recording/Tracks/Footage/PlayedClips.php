<?php

declare(strict_types=1);

namespace Daybright\Recording\Tracks\Footage;

use Daybright\Block\Blocks;
use Daybright\Block\Clip\MarkedClip;
use Daybright\Block\PlaysClip;
use Daybright\Lesson\Lesson;
use Daybright\Lesson\Media\Clip\ClipMedium;
use Daybright\Recording\Tracks\KeptPiece;
use Daybright\Recording\Tracks\PlacedEvent;
use Daybright\Recording\Tracks\SegmentEvents;

/**
 * Clips that play while the teacher speaks. A cut takes the same out of the clip as out of what is said, so that the words stay with the
 * pictures that they are about; while the recording is paused the clip waits.
 */
final class PlayedClips
{
    /** @return list<Filmed> in the order in which they begin */
    public static function intervals(SegmentEvents $events): array
    {
        $films = [];
        $changes = $events->of('clip', 'visit');
        foreach ($changes as $number => $event) {
            if ($event->kind === 'clip' && $event->data->flag('plays')) {
                $until = ($changes[$number + 1] ?? null)?->recorded;
                array_push($films, ...self::played($events, $event, $until));
            }
        }

        return $films;
    }

    /** What it is a clip of; null where it has no pictures, or is not in the lesson. */
    public static function film(Lesson $lesson, MarkedClip $clip): ?ClipMedium
    {
        $medium = $lesson->media[$clip->medium] ?? null;

        return $medium instanceof ClipMedium && $medium->isFilm() ? $medium : null;
    }

    /**
     * @param  float|null  $until milliseconds of the take; null for its end
     * @return list<Filmed>
     */
    private static function played(SegmentEvents $events, PlacedEvent $begun, ?float $until): array
    {
        $block = $events->slide->block($begun->data->text('block'));
        $clip = $block === null ? null : Blocks::able($block, PlaysClip::class)?->clip();
        $medium = $clip === null ? null : self::film($events->lesson, $clip);
        if ($clip === null || $medium === null) {
            return [];
        }
        $films = [];
        foreach ($events->kept($begun->recorded, $until) as $piece) {
            $films[] = self::piece($events, $clip, $medium, $piece);
        }

        return array_values(array_filter($films));
    }

    /** @return Filmed|null null when the clip is over by then */
    private static function piece(SegmentEvents $events, MarkedClip $clip, ClipMedium $medium, KeptPiece $piece): ?Filmed
    {
        $left = 1000 * ($clip->to - $clip->from) - $piece->passed;
        if ($left <= 0) {
            return null;
        }

        return new Filmed(
            $piece->from,
            round(min($piece->to, $piece->from + $left), 3),
            $events->slide->id,
            $medium->address(),
            Source::Clip,
            Place::Whole,
            round($piece->from - $piece->passed - 1000 * $clip->from, 3),
            $medium->description === '' ? $clip->title : $medium->description,
        );
    }
}
