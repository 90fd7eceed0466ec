<?php

declare(strict_types=1);

namespace Daybright\Recording;

use Daybright\Block\Blocks;
use Daybright\Block\PlaysClip;
use Daybright\Block\Stops;
use Daybright\Lesson\Block;
use Daybright\Lesson\Lesson;
use Daybright\Lesson\Slide;
use Daybright\Recording\Tracks\Footage\PlayedClips;

/**
 * The finished running order: takes less cuts, pause points and clips put in.
 *
 * It has two clocks: narration, in which the student's page plays and waits at pause points, and that of the video, in which each pause
 * takes its seconds.
 */
final readonly class Timeline
{
    /** @param  list<TimelineSegment>  $segments */
    private function __construct(public array $segments)
    {
    }

    /** @param  array<string, Take>  $takes the chosen take of each slide, by slide id; slides without one are left out */
    public static function build(Lesson $lesson, array $takes): self
    {
        $segments = [];
        $starts = 0;
        foreach ($lesson->mainSlides() as $slide) {
            $take = $takes[$slide->id] ?? null;
            if ($take === null || $take->length === 0) {
                continue;
            }
            $kept = $take->kept();
            $segments[] = new TimelineSegment($slide, $take, $kept, $starts, self::pausesOf($lesson, $slide, $take, $kept, $starts));
            $starts += $kept->length();
        }

        return new self($segments);
    }

    /** @return int samples of narration */
    public function narration(): int
    {
        return array_sum(array_map(static fn (TimelineSegment $segment): int => $segment->kept->length(), $this->segments));
    }

    /** @return int samples, pauses and all */
    public function length(): int
    {
        return $this->narration() + array_sum(array_map(
            static fn (PausePoint $pause): int => $pause->seconds * Clock::RATE,
            $this->pauses(),
        ));
    }

    /** @return list<PausePoint> in order */
    public function pauses(): array
    {
        return array_merge(...array_map(static fn (TimelineSegment $segment): array => $segment->pauses, $this->segments));
    }

    /** The same as a video has it. */
    public function video(): VideoClock
    {
        return VideoClock::of(array_map(static fn (TimelineSegment $segment): array => [
            'from' => $segment->starts,
            'to' => $segment->ends(),
            'waits' => array_map(
                static fn (PausePoint $pause): array => ['at' => $pause->at, 'length' => $pause->seconds * Clock::RATE],
                $segment->pauses,
            ),
        ], $this->segments));
    }

    /** @return list<PausePoint> */
    private static function pausesOf(Lesson $lesson, Slide $slide, Take $take, KeptRanges $kept, int $starts): array
    {
        $pauses = [];
        foreach ($slide->blocks as $block) {
            [$seconds, $asks] = self::stop($lesson, $block, $take);
            if ($seconds !== null) {
                $at = $starts + $kept->place(self::after($slide, $block, $take));
                $pauses[] = new PausePoint($block->id, $slide->id, $at, $seconds, $asks);
            }
        }
        usort($pauses, static fn (PausePoint $one, PausePoint $other): int => $one->at <=> $other->at);

        return $pauses;
    }

    /** @return array{int|null, string} seconds for which the narration waits, if it does, and what is to be done or seen */
    private static function stop(Lesson $lesson, Block $block, Take $take): array
    {
        $clip = Blocks::able($block, PlaysClip::class)?->clip();
        if ($clip !== null) {
            $isSpokenOver = $take->playsWhileSpeaking($block->id) && PlayedClips::film($lesson, $clip) !== null;

            return [$isSpokenOver ? null : $clip->waits(), $clip->title];
        }
        $stops = Blocks::able($block, Stops::class);

        return [$stops?->waits(), $stops?->asks() ?? ''];
    }

    /** The lesson stops when the step that asks has been spoken: just before the next one is revealed, or at the end of the take. */
    private static function after(Slide $slide, Block $block, Take $take): int
    {
        $asked = $slide->stepNumber($block->step);
        foreach (SpokenStep::locate($slide, $take) as $step) {
            if ($step->number > $asked) {
                return $step->from;
            }
        }

        return $take->length;
    }
}
