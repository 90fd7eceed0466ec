<?php

declare(strict_types=1);

namespace Daybright\Deck;

use Daybright\Lesson\PartKind;
use Daybright\Scene\Paint;
use Daybright\Scene\Shape;

/** The day at the foot of every slide: a thin line from morning to night, and half a sun at the hour of the part. */
final class Horizon
{
    private const SUN = 15.0;

    /** @return list<Shape> */
    public static function shapes(Format $format, PartKind $part, string $strong, string $hair): array
    {
        $left = $format->margin();
        $right = $format->page()->width - $left;
        $y = $format->horizon();
        $sun = $left + self::hour($part) * ($right - $left);
        $half = [];
        for ($degrees = 180; $degrees <= 360; $degrees += 10) {
            $half[] = [$sun + self::SUN * cos(deg2rad($degrees)), $y + self::SUN * sin(deg2rad($degrees))];
        }

        return [
            Shape::polyline([[$left, $y], [$right, $y]], Paint::outlined($hair, 3)),
            Shape::polyline([[$left, $y], [$sun, $y]], Paint::outlined($strong, 3)),
            Shape::polygon($half, Paint::filled($strong)),
        ];
    }

    /** How much of the day is over, from 0 to 1. */
    public static function hour(PartKind $part): float
    {
        return match ($part) {
            PartKind::Opening => 0.06,
            PartKind::Aims => 0.2,
            PartKind::Explain => 0.34,
            PartKind::Example => 0.5,
            PartKind::YourTurn => 0.64,
            PartKind::Recap => 0.78,
            PartKind::ExitCheck => 0.88,
            PartKind::Afterwards => 0.96,
        };
    }
}
