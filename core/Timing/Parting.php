<?php

declare(strict_types=1);

namespace Daybright\Timing;

use Closure;
use Daybright\Lesson\Slide;

/** Where two lessons can best be made of one. */
final readonly class Parting
{
    /** How much nearer to the middle a place within a part must be to be preferred. */
    private const WITHIN = 2.0;

    /**
     * @param  Slide  $slide with which the second lesson begins
     * @param  float  $before seconds of the first
     * @param  float  $total seconds of both
     */
    private function __construct(public Slide $slide, public float $before, public float $total)
    {
    }

    /**
     * Near the middle, and rather where a part begins than within one.
     *
     * @param  list<Slide>  $slides of the main line
     * @param  Closure(Slide): float  $seconds that a slide takes
     * @return self|null null where there is nothing to part
     */
    public static function near(array $slides, Closure $seconds): ?self
    {
        $total = array_sum(array_map($seconds, $slides));
        $before = 0.0;
        $best = null;
        foreach ($slides as $number => $slide) {
            $isWithin = $number > 0 && $slides[$number - 1]->part === $slide->part;
            $away = abs($before - $total / 2) * ($isWithin ? self::WITHIN : 1);
            if ($number > 0 && ($best === null || $away < $best[0])) {
                $best = [$away, new self($slide, $before, $total)];
            }
            $before += $seconds($slide);
        }

        return $best[1] ?? null;
    }
}
