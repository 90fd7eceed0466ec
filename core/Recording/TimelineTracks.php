<?php

declare(strict_types=1);

namespace Daybright\Recording;

use Closure;
use Daybright\Lesson\Fields;
use Daybright\Lesson\Lesson;
use Daybright\Recording\Tracks\DrawnOver;
use Daybright\Recording\Tracks\Interval;
use Daybright\Recording\Tracks\SegmentEvents;
use Daybright\Recording\Tracks\ShownSlide;
use Daybright\Recording\Tracks\ShowsSlides;
use Daybright\Recording\Tracks\Tracks;

/** What is seen at every moment of narration, track by track. The student's page and the video both follow it. */
final readonly class TimelineTracks
{
    /** @param  array<string, list<Interval>>  $intervals by the name of the track, each list in the order in which they begin */
    private function __construct(public array $intervals)
    {
    }

    public static function build(Lesson $lesson, Timeline $timeline): self
    {
        $intervals = [];
        foreach ($timeline->segments as $segment) {
            $events = new SegmentEvents($lesson, $segment);
            foreach (Tracks::all() as $track) {
                $intervals[$track::name()] = [...$intervals[$track::name()] ?? [], ...$track::intervals($events)];
            }
        }

        return new self(array_filter($intervals));
    }

    /** As a timeline keeps it; a track that this program does not know is left out. */
    public static function read(Fields $tracks): self
    {
        $intervals = [];
        foreach (Tracks::all() as $track) {
            $intervals[$track::name()] = array_map(
                static fn (Fields $interval): Interval => $track::read($interval),
                $tracks->list($track::name()),
            );
        }

        return new self(array_filter($intervals));
    }

    /** @param  Closure(Interval): (Interval|null)  $change null takes it out */
    public function changed(Closure $change): self
    {
        return new self(array_filter(array_map(
            static fn (array $intervals): array => array_values(array_filter(array_map($change, $intervals))),
            $this->intervals,
        )));
    }

    /** @param  Closure(Interval): bool  $wanted */
    public function only(Closure $wanted): self
    {
        return new self(array_filter(array_map(
            static fn (array $intervals): array => array_values(array_filter($intervals, $wanted)),
            $this->intervals,
        )));
    }

    /** @return array<string, list<array<string, mixed>>> */
    public function toArray(): array
    {
        return array_map(
            static fn (array $intervals): array => array_map(static fn (Interval $interval): array => $interval->toArray(), $intervals),
            $this->intervals,
        );
    }

    /** @return list<ShownSlide> which slide is seen when, without gaps: a visit covers the slide that it is made from */
    public function shown(): array
    {
        $shown = [];
        foreach (Tracks::that(ShowsSlides::class) as $track) {
            foreach ($this->intervals[$track::name()] ?? [] as $interval) {
                $shown = $interval instanceof ShownSlide ? self::covered($shown, $interval) : $shown;
            }
        }

        return $shown;
    }

    /**
     * What is drawn over slides alone, each interval as it is on another page.
     *
     * @param  Closure(Interval&DrawnOver, string): Interval  $place gets the id of the slide, too
     */
    public function drawnOver(Closure $place): self
    {
        $drawn = [];
        foreach ($this->intervals as $name => $intervals) {
            $slides = new Playhead($this->shown());
            foreach ($intervals as $interval) {
                $shown = $slides->at($interval->from);
                $slide = end($shown) === false ? null : end($shown)->slide;
                if ($interval instanceof DrawnOver) {
                    $drawn[$name][] = $slide !== null ? $place($interval, $slide) : $interval;
                }
            }
        }

        return new self($drawn);
    }

    /**
     * @param  list<ShownSlide>  $shown in the order of time
     * @return list<ShownSlide> with one more, and what is left of the others
     */
    private static function covered(array $shown, ShownSlide $over): array
    {
        $left = [$over];
        foreach ($shown as $each) {
            if ($each->from < $over->from) {
                $left[] = new ShownSlide($each->from, min($each->to, $over->from), $each->slide, $each->step);
            }
            if ($each->to > $over->to) {
                $left[] = new ShownSlide(max($each->from, $over->to), $each->to, $each->slide, $each->step);
            }
        }
        usort($left, static fn (ShownSlide $one, ShownSlide $other): int => $one->from <=> $other->from);

        return $left;
    }
}
