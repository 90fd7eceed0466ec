<?php

declare(strict_types=1);

namespace Daybright\Recording;

/**
 * The clock of a video: the narration slide after slide, each between edges of silence, with its waits put in. Samples throughout.
 *
 * The sound of each slide is encoded by itself and begins with a frame of silence, so that the bytes of all of them can be put
 * together without being encoded again (docs/decisions/videos.md).
 */
final readonly class VideoClock
{
    /** @param  list<VideoStretch>  $stretches in order */
    private function __construct(public array $stretches)
    {
    }

    /** @param  list<array{from: int, to: int, waits: list<array{at: int, length: int}>}>  $slides in order, samples of narration */
    public static function of(array $slides): self
    {
        $stretches = [];
        $begins = 0;
        foreach ($slides as ['from' => $from, 'to' => $to, 'waits' => $waits]) {
            $stretches[] = $stretch = new VideoStretch($begins, $from, $to, $waits);
            $begins += $stretch->length();
        }

        return new self($stretches);
    }

    public function length(): int
    {
        return array_sum(array_map(static fn (VideoStretch $stretch): int => $stretch->length(), $this->stretches));
    }

    /**
     * A moment of narration. That of a wait itself falls after it, and that between two slides on the second one, unless the moment
     * before is asked for.
     *
     * @param  bool  $before whether a wait at this very moment is still to come
     */
    public function at(int $narration, bool $before = false): int
    {
        $found = null;
        foreach ($this->stretches as $stretch) {
            if ($found !== null && ($narration < $stretch->from || ($before && $narration === $stretch->from))) {
                break;
            }
            $found = $stretch;
        }

        return $found?->at($narration, $before) ?? $narration;
    }

    /** @return int|null the sample of narration at a moment; null while the lesson waits */
    public function narrationAt(int $moment): ?int
    {
        foreach ($this->stretches as $stretch) {
            if ($moment < $stretch->begins + $stretch->length()) {
                return $stretch->narrationAt($moment);
            }
        }
        $last = $this->stretches[array_key_last($this->stretches) ?? -1] ?? null;

        return $last->to ?? 0;
    }

    /** @return list<int> when each wait begins, in order */
    public function waits(): array
    {
        return array_merge(...array_map(static fn (VideoStretch $stretch): array => $stretch->waitsBegin(), $this->stretches));
    }
}
