<?php

declare(strict_types=1);

namespace App\Recording;

use DomainException;

/** Bounds what was drawn by what it costs to check and to show, before anything else looks at it. */
final class DrawingCost
{
    /** Points of all strokes of a take: ten minutes of drawing without lifting the pen are 36 000. */
    public const MOST_POINTS = 60_000;

    /** Slide units squared that a renderer looks at, some ten seconds of its work: those ten minutes cost a fifth of it. */
    public const MOST_AREA = 400_000_000;

    private const TOO_MUCH = 'There is more drawing in this recording than can be shown. Draw less, or record the slide in two parts.';

    /**
     * @param  mixed  $events decoded events, not checked in any other way
     *
     * @throws DomainException
     */
    public static function refuseTooMuch(mixed $events): void
    {
        [$points, $area] = [0, 0.0];
        foreach (is_array($events) ? $events : [] as $event) {
            $stroke = is_object($event) ? get_object_vars($event) : $event;
            $line = is_array($stroke) && is_array($stroke['points'] ?? null) ? $stroke['points'] : [];
            $points += count($line);
            if ($points > self::MOST_POINTS) {
                throw new DomainException(self::TOO_MUCH);
            }
            $area += self::area($line, is_numeric($stroke['width'] ?? null) ? (float) $stroke['width'] : 0.0);
        }
        if ($area > self::MOST_AREA) {
            throw new DomainException(self::TOO_MUCH);
        }
    }

    /**
     * The boxes around the pieces of a line, each with room for the brush.
     *
     * @param  array<mixed>  $points
     */
    private static function area(array $points, float $width): float
    {
        $area = 0.0;
        $before = null;
        foreach ($points as $point) {
            if (! is_array($point) || ! is_numeric($point[1] ?? null) || ! is_numeric($point[2] ?? null)) {
                return $area;
            }
            $before ??= $point;
            $area += (abs($point[1] - $before[1]) + $width) * (abs($point[2] - $before[2]) + $width);
            $before = $point;
        }

        return $area;
    }
}
