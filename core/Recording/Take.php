<?php

declare(strict_types=1);

namespace Daybright\Recording;

use Daybright\Lesson\Fields;

/** One recording of one slide's narration, with its timed events. */
final readonly class Take
{
    /**
     * @param  int  $length in samples
     * @param  list<Event>  $events in the order of time
     * @param  list<Stretch>  $cuts
     */
    private function __construct(public string $id, public string $slide, public int $length, public array $events, public array $cuts)
    {
    }

    /**
     * @param  list<array<mixed>>  $events
     * @param  list<Stretch>  $cuts
     */
    public static function of(string $id, string $slide, int $length, array $events, array $cuts): self
    {
        $read = array_map(static fn (array $event): Event => Event::from(new Fields($event)), $events);
        usort($read, static fn (Event $one, Event $other): int => $one->at <=> $other->at);

        return new self($id, $slide, $length, $read, $cuts);
    }

    public function heard(): Heard
    {
        return Heard::of($this->length, [...$this->cuts, ...$this->pauses()]);
    }

    /** @return float seconds that are heard; 0 when cuts and pauses leave nothing */
    public function secondsHeard(): float
    {
        try {
            return Clock::milliseconds($this->heard()->length()) / 1000;
        } catch (InvalidRecording) {
            return 0.0;
        }
    }

    /**
     * While the teacher paused nothing is heard.
     *
     * @return list<Stretch>
     */
    public function pauses(): array
    {
        $pauses = [];
        $from = null;
        foreach ($this->events as $event) {
            if ($event->kind === 'pause') {
                $from ??= Clock::samples($event->at);
            } elseif ($event->kind === 'resume' && $from !== null) {
                $to = min($this->length, Clock::samples($event->at));
                if ($to > $from) {
                    $pauses[] = new Stretch($from, $to);
                }
                $from = null;
            }
        }
        if ($from !== null && $from < $this->length) {
            $pauses[] = new Stretch($from, $this->length);
        }

        return $pauses;
    }
}
