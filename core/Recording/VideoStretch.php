<?php

declare(strict_types=1);

namespace Daybright\Recording;

/** One slide on the clock of a video: silence, its narration with its waits, and silence up to a whole frame of sound. Samples. */
final readonly class VideoStretch
{
    /** Samples that are coded together (ISO/IEC 14496-3, AAC-LC). */
    public const FRAME = 1024;

    /**
     * @param  int  $begins on the clock of the video
     * @param  int  $from samples of narration before it
     * @param  int  $to samples of narration at its end
     * @param  list<array{at: int, length: int}>  $waits in order; each at a sample of narration, from $from to $to
     */
    public function __construct(public int $begins, public int $from, public int $to, public array $waits)
    {
    }

    /** A whole number of frames, the first of which is silent. */
    public function length(): int
    {
        $heard = $this->to - $this->from + array_sum(array_column($this->waits, 'length'));

        return self::FRAME * (1 + intdiv($heard + self::FRAME - 1, self::FRAME));
    }

    /** @param  bool  $before whether a wait at this very moment is still to come */
    public function at(int $narration, bool $before): int
    {
        $waited = 0;
        foreach ($this->waits as $wait) {
            $waited += $wait['at'] < $narration || ($wait['at'] === $narration && ! $before) ? $wait['length'] : 0;
        }

        return $this->begins + self::FRAME + $narration - $this->from + $waited;
    }

    /** @return int|null null while the lesson waits; at the silent edges its first and its last moment */
    public function narrationAt(int $moment): ?int
    {
        $waited = 0;
        foreach ($this->waitsBegin() as $number => $begins) {
            $ends = $begins + $this->waits[$number]['length'];
            if ($moment >= $begins && $moment < $ends) {
                return null;
            }
            $waited += $moment >= $ends ? $this->waits[$number]['length'] : 0;
        }

        return max($this->from, min($this->to, $moment - $this->begins - self::FRAME + $this->from - $waited));
    }

    /** @return list<int> */
    public function waitsBegin(): array
    {
        $begin = [];
        $waited = 0;
        foreach ($this->waits as $wait) {
            $begin[] = $this->begins + self::FRAME + $wait['at'] - $this->from + $waited;
            $waited += $wait['length'];
        }

        return $begin;
    }
}
