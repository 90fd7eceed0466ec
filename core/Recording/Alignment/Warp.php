<?php

declare(strict_types=1);

namespace Daybright\Recording\Alignment;

/** Windows of a take laid over frames of the reference, or of itself, one after the other, with the same steps as in the search. */
final readonly class Warp
{
    private const FAR = 1e30;

    /** @param  non-empty-list<float>  $costs of ending at each of the frames, for one window in the mean */
    private function __construct(private array $costs)
    {
    }

    /**
     * @param  list<int>  $windows
     * @param  list<float>  $features over which they are laid, MelFeatures::COUNT for every frame
     * @param  int  $first frame from which on $length frames may be used
     */
    public static function of(
        TakeFrames $take,
        array $windows,
        array $features,
        int $first,
        int $length,
        SearchCosts $costs,
    ): self {
        $row = array_fill(0, max(1, $length), self::FAR);
        foreach ($windows as $number => $t) {
            $one = $two = self::FAR;
            for ($k = 0; $k < $length; $k++) {
                $here = $row[$k];
                $cost = $number === 0 ? ($k < 3 ? 0.0 : self::FAR) : min($here + $costs->stay, $one, $two + $costs->jump);
                $two = $one;
                $one = $here;
                $row[$k] = $cost < self::FAR / 10
                    ? $cost + Frames::distance($take->features, $t, $features, $first + $k)
                    : self::FAR;
            }
        }
        $count = max(1, count($windows));

        return new self(array_map(static fn (float $cost): float => $cost / $count, [...$row]));
    }

    /** What it costs to come to the end. */
    public function whole(): float
    {
        return min([self::FAR, ...array_slice($this->costs, -3)]);
    }

    /** What it costs to stop wherever that is best. */
    public function begun(): float
    {
        return min($this->costs);
    }

    /** Frame, from 0, at which that is. */
    public function stopped(): int
    {
        return (int) array_search($this->begun(), $this->costs, true);
    }
}
