<?php

declare(strict_types=1);

namespace Daybright\Recording\Frames;

use Closure;
use Daybright\Recording\Playhead;
use Daybright\Recording\Tracks\Interval;

/**
 * Paints what is gone in the next picture.
 *
 * @template Passing of Interval
 */
final class PassingPainter implements FramePainter
{
    /** @var Playhead<Passing> */
    private readonly Playhead $playhead;

    /**
     * @param  list<Passing>  $intervals
     * @param  Closure(string, Passing): string  $paint gives the picture with it
     */
    public function __construct(private readonly array $intervals, private readonly Closure $paint)
    {
        $this->playhead = new Playhead($intervals);
    }

    public function moments(): array
    {
        $moments = $changes = [];
        $ended = -INF;
        foreach ($this->intervals as $interval) {
            if ($interval->from > $ended && $changes !== []) {
                array_push($moments, $ended, ...Motion::pictures($changes));
                $changes = [];
            }
            $changes[] = $interval->from;
            $ended = $interval->to;
        }

        return $changes === [] ? $moments : [...$moments, $ended, ...Motion::pictures($changes)];
    }

    public function isPassing(): bool
    {
        return true;
    }

    public function hasToGo(float $at, string $slide): bool
    {
        return false;
    }

    public function begin(): void
    {
    }

    public function paint(string &$frame, float $at, string $slide): void
    {
        foreach ($this->playhead->at($at) as $interval) {
            $frame = ($this->paint)($frame, $interval);
        }
    }
}
