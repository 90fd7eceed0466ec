<?php

declare(strict_types=1);

namespace Daybright\Recording;

use Daybright\Recording\Tracks\Interval;

/**
 * What there is at a moment: every interval that has begun and has not ended. Its twin in the browser is web/tracks/playhead.ts,
 * and both are held to tests/playhead.json.
 *
 * @template Found of Interval
 */
final class Playhead
{
    private int $next = 0;

    private float $last = -INF;

    /** @var array<int, Found> begun and not ended */
    private array $open = [];

    /** @param  list<Found>  $intervals in the order in which they begin */
    public function __construct(private readonly array $intervals)
    {
    }

    /**
     * Quick while time goes on, and right when it goes back.
     *
     * @return array<int, Found> by number in the track, from 0
     */
    public function at(float $at): array
    {
        if ($at < $this->last) {
            [$this->next, $this->open] = [0, []];
        }
        $this->last = $at;
        while (isset($this->intervals[$this->next]) && $this->intervals[$this->next]->from <= $at) {
            $this->open[$this->next] = $this->intervals[$this->next];
            $this->next++;
        }

        return $this->open = array_filter($this->open, static fn (Interval $interval): bool => $at < $interval->to);
    }
}
