<?php

declare(strict_types=1);

namespace Daybright\Recording;

use Daybright\Recording\Alignment\ScriptAlignment;
use Daybright\Recording\Editing\Wording;
use Daybright\Recording\Tracks\ShortensTake;
use Daybright\Recording\Tracks\Tracks;

/** One recording of one slide's narration, with its timed events. */
final readonly class Take
{
    /** Milliseconds for which the last thing that was done is left to be seen. */
    private const LINGER = 500;

    /**
     * @param  int  $length in samples
     * @param  list<Event>  $events in the order of time
     * @param  list<SampleRange>  $cuts
     * @param  ScriptAlignment|null  $alignment null where its words were not looked for yet
     * @param  list<Wording>  $wordings what was typed for words of it
     */
    private function __construct(
        public string $id,
        public string $slide,
        public int $length,
        public array $events,
        public array $cuts,
        public ?ScriptAlignment $alignment,
        public array $wordings,
    ) {
    }

    /**
     * @param  list<array<mixed>>  $events
     * @param  list<SampleRange>  $cuts
     * @param  list<Wording>  $wordings
     */
    public static function recorded(
        string $id,
        string $slide,
        int $length,
        array $events,
        array $cuts,
        ?ScriptAlignment $alignment = null,
        array $wordings = [],
    ): self {
        return new self($id, $slide, $length, Event::all($events), $cuts, $alignment, $wordings);
    }

    /** Whether the teacher lets a clip play while speaking, and that is kept. */
    public function playsWhileSpeaking(string $block): bool
    {
        $begun = array_filter(
            $this->events,
            fn (Event $event): bool => $event->kind === 'clip' && $event->data->text('block') === $block
                && $event->data->flag('plays') && ! $this->isCut(Clock::samples($event->at)),
        );

        return $begun !== [];
    }

    private function isCut(int $sample): bool
    {
        foreach ($this->cuts as $cut) {
            if ($cut->from <= $sample && $sample < $cut->to) {
                return true;
            }
        }

        return false;
    }

    public function kept(): KeptRanges
    {
        return KeptRanges::afterCuts($this->length, [...$this->cuts, ...$this->leftOut()]);
    }

    /** @return float seconds that are kept; 0 when cuts and pauses leave nothing */
    public function secondsKept(): float
    {
        try {
            return Clock::milliseconds($this->kept()->length()) / 1000;
        } catch (InvalidRecording) {
            return 0.0;
        }
    }

    /** @return int until when there is something to see in it, however long its sound is, in samples */
    public function seen(): int
    {
        $seen = 0;
        foreach ($this->events as $event) {
            $track = Tracks::ofEvent($event->kind);
            if ($track !== null && ! is_a($track, ShortensTake::class, true)) {
                $seen = Clock::samples($event->at + self::LINGER);
            }
        }

        return $seen;
    }

    /** @return list<SampleRange> what its own events leave out of it */
    public function leftOut(): array
    {
        return array_merge(
            ...array_map(fn (string $track): array => $track::leftOut($this->events, $this->length), Tracks::that(ShortensTake::class)),
        );
    }
}
