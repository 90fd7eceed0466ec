<?php

declare(strict_types=1);

namespace Daybright\Watching;

use Daybright\Recording\Cue;
use Daybright\Recording\TimelineTracks;
use Daybright\Recording\Tracks\Acts\Act;
use Daybright\Recording\Tracks\Acts\Acts;
use Daybright\Recording\Tracks\Interval;
use Daybright\Recording\Tracks\ShownSlide;
use Daybright\Release\FrozenLesson;
use Daybright\Release\FrozenPause;
use Daybright\Release\FrozenSlide;

/** A shared lesson as far as a student may know it. */
final readonly class SealedLesson
{
    private function __construct(public FrozenLesson $lesson, private SealedRanges $sealed)
    {
    }

    public static function seal(FrozenLesson $lesson, Progress $progress, Opening $opening = new Opening): self
    {
        $sealed = SealedRanges::of($lesson->outline(), $progress, $opening);

        return new self(self::seen($lesson, $sealed), $sealed);
    }

    /** Whether something that begins then may not be known yet. */
    public function hides(float $moment): bool
    {
        return $this->sealed->hides($moment);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return $this->lesson->toArray() + ['sealed' => array_map(
            static fn (array $range): array => [$range[0], is_finite($range[1]) ? $range[1] : null],
            $this->sealed->ranges,
        )];
    }

    private static function seen(FrozenLesson $lesson, SealedRanges $sealed): FrozenLesson
    {
        $isSeen = static fn (Interval $interval): bool => ! $sealed->hides($interval->from);
        $tracks = $lesson->tracks->only($isSeen);
        $pauses = array_map(static function (FrozenPause $pause) use ($sealed): FrozenPause {
            $hides = $pause->question !== null || $pause->clip !== null;

            return $hides && in_array($pause->block, $sealed->behind, true) ? $pause->sealed() : $pause;
        }, $lesson->pauses);

        return new FrozenLesson(
            $lesson->title,
            $lesson->length,
            $lesson->full,
            self::withStates(self::slides($lesson->slides, $tracks->shown()), $tracks),
            $tracks,
            $lesson->drawnTall->only($isSeen),
            array_values(array_filter($lesson->captions, static fn (Cue $cue): bool => ! $sealed->hides($cue->from))),
            $lesson->chapters,
            $pauses,
        );
    }

    /**
     * Each slide with the states of its live blocks that acts lead to which may be known.
     *
     * @param  array<string, FrozenSlide>  $slides
     * @return array<string, FrozenSlide>
     */
    private static function withStates(array $slides, TimelineTracks $tracks): array
    {
        $states = [];
        foreach ($tracks->intervals[Acts::name()] ?? [] as $act) {
            $states[] = $act instanceof Act ? $act->state : '';
        }

        return array_map(static fn (FrozenSlide $slide): FrozenSlide => $slide->onlyStates($states), $slides);
    }

    /**
     * Each slide with what has been shown of it, and side slides as far as something seen leads to them.
     *
     * @param  array<string, FrozenSlide>  $slides
     * @param  list<ShownSlide>  $shown
     * @return array<string, FrozenSlide>
     */
    private static function slides(array $slides, array $shown): array
    {
        $reached = [];
        foreach ($shown as $each) {
            $reached[$each->slide] = max($reached[$each->slide] ?? 0, $each->step);
        }
        $waiting = array_keys($reached);
        while (($id = array_pop($waiting)) !== null) {
            foreach (isset($slides[$id]) ? $slides[$id]->wide->links : [] as $link) {
                if ($link['step'] <= $reached[$id] && ! isset($reached[$link['slide']]) && isset($slides[$link['slide']])) {
                    $reached[$link['slide']] = max(0, count($slides[$link['slide']]->steps) - 1);
                    $waiting[] = $link['slide'];
                }
            }
        }
        $seen = [];
        foreach (array_intersect_key($slides, $reached) as $id => $slide) {
            $seen[$id] = $slide->upTo($reached[$id]);
        }

        return $seen;
    }
}
