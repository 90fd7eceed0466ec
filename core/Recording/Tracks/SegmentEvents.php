<?php

declare(strict_types=1);

namespace Daybright\Recording\Tracks;

use Daybright\Lesson\Lesson;
use Daybright\Lesson\Slide;
use Daybright\Recording\Clock;
use Daybright\Recording\Event;
use Daybright\Recording\SampleRange;
use Daybright\Recording\TimelineSegment;

/** What happens in one slide's take, on the clock of narration. */
final readonly class SegmentEvents
{
    public Slide $slide;

    /** Milliseconds of narration at which the slide begins and ends. */
    public float $begins;

    public float $ends;

    /** @var list<PlacedEvent> in the order of time */
    public array $events;

    public function __construct(public Lesson $lesson, private TimelineSegment $segment)
    {
        $this->slide = $segment->slide;
        $this->begins = self::rounded($segment->starts);
        $this->ends = self::rounded($segment->ends());
        $this->events = $this->placed($lesson, $segment->take->events);
    }

    /** @return list<PlacedEvent> */
    public function of(string ...$kinds): array
    {
        return array_values(array_filter($this->events, static fn (PlacedEvent $event): bool => in_array($event->kind, $kinds, true)));
    }

    /** A moment of the take on the clock of narration; one inside a cut falls on the join. */
    public function place(float $milliseconds): float
    {
        return self::rounded($this->segment->starts + $this->segment->kept->place(Clock::samples($milliseconds)));
    }

    /**
     * @param  float  $from milliseconds of the take
     * @param  float|null  $to milliseconds of the take; null for its end
     * @return list<KeptPiece> what is kept in between
     */
    public function kept(float $from, ?float $to): array
    {
        [$first, $last] = [Clock::samples($from), $to === null ? $this->segment->take->length : Clock::samples($to)];
        $pieces = [];
        foreach ($this->segment->kept->ranges as $range) {
            $piece = $range->within($first, $last);
            if ($piece !== null) {
                $begins = $this->segment->starts + $this->segment->kept->place($piece->from);
                $pieces[] = new KeptPiece(
                    self::rounded($begins),
                    self::rounded($begins + $piece->length()),
                    self::rounded($piece->from - $first - $this->paused($first, $piece->from)),
                );
            }
        }

        return $pieces;
    }

    /** @return int samples of the take in which the recording was paused */
    private function paused(int $from, int $to): int
    {
        return array_sum(array_map(
            static fn (SampleRange $range): int => $range->within($from, $to)?->length() ?? 0,
            $this->segment->take->leftOut(),
        ));
    }

    /**
     * @param  list<Event>  $events
     * @return list<PlacedEvent>
     */
    private function placed(Lesson $lesson, array $events): array
    {
        $placed = [];
        $away = null;
        foreach ($events as $event) {
            $visited = $event->kind === 'visit' ? $lesson->slide($event->data->text('slide')) : null;
            $placed[] = new PlacedEvent($event->kind, $this->place($event->at), $event->at, $away ?? $this->slide, $event->data, $visited);
            $away = match ($event->kind) {
                'visit' => $visited,
                'return' => null,
                default => $away,
            };
        }

        return $placed;
    }

    private static function rounded(int $samples): float
    {
        return round(Clock::milliseconds($samples), 3);
    }
}
