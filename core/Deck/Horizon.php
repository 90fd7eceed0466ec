<?php

declare(strict_types=1);

namespace Daybright\Deck;

use Daybright\Lesson\PartKind;
use Daybright\Scene\Paint;
use Daybright\Scene\Scene;
use Daybright\Scene\Shape;

/** The day at the foot of every slide: a thin line from morning to night, and half a sun at the hour of the part. */
final class Horizon
{
    public const Y = 846.0;

    private const MARGIN = 96.0;

    private const SUN = 15.0;

    /** @return list<Shape> */
    public static function shapes(PartKind $part, string $strong, string $hair): array
    {
        $right = Scene::WIDTH - self::MARGIN;
        $sun = self::MARGIN + self::hour($part) * ($right - self::MARGIN);
        $half = [];
        for ($degrees = 180; $degrees <= 360; $degrees += 10) {
            $half[] = [$sun + self::SUN * cos(deg2rad($degrees)), self::Y + self::SUN * sin(deg2rad($degrees))];
        }

        return [
            Shape::polyline([[self::MARGIN, self::Y], [$right, self::Y]], Paint::outlined($hair, 3)),
            Shape::polyline([[self::MARGIN, self::Y], [$sun, self::Y]], Paint::outlined($strong, 3)),
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
