<?php

declare(strict_types=1);

namespace Daybright\Recording\Tracks\Ring;

use Daybright\Lesson\Fields;
use Daybright\Lesson\Lesson;
use Daybright\Recording\Frames\Brush;
use Daybright\Recording\Frames\FramePainter;
use Daybright\Recording\Frames\FrameSize;
use Daybright\Recording\Frames\PassingPainter;
use Daybright\Recording\Tracks\Interval;
use Daybright\Recording\Tracks\PaintsFrames;
use Daybright\Recording\Tracks\SegmentEvents;
use Daybright\Recording\Tracks\Spot;

/** A ring that goes round what the hand is at, for as long as a key is held. */
final class Ring implements PaintsFrames
{
    /** In slide units; the browser draws the same (web/tracks/ring/show.tsx). */
    private const RADIUS = 80.0;

    private const WIDTH = 12.0;

    private const COLOUR = '#B3261E';

    private const CORNERS = 40;

    public static function name(): string
    {
        return 'ring';
    }

    public static function events(): array
    {
        return ['ring'];
    }

    public static function intervals(SegmentEvents $events): array
    {
        return Spot::following($events, 'ring');
    }

    public static function read(Fields $interval): Interval
    {
        return Spot::read($interval);
    }

    public static function words(Interval $interval, Lesson $lesson): string
    {
        return '';
    }

    public static function painter(array $intervals, FrameSize $size): FramePainter
    {
        $spots = array_values(array_filter($intervals, static fn (Interval $interval): bool => $interval instanceof Spot));

        return new PassingPainter($spots, static fn (string $frame, Spot $spot): string => self::around($frame, $spot, new Brush($size, self::COLOUR, self::WIDTH)));
    }

    private static function around(string $frame, Spot $spot, Brush $brush): string
    {
        $corner = static fn (int $number): array => [$spot->x + self::RADIUS * cos(2 * M_PI * $number / self::CORNERS), $spot->y + self::RADIUS * sin(2 * M_PI * $number / self::CORNERS)];
        for ($number = 0; $number < self::CORNERS; $number++) {
            [$x1, $y1] = $corner($number);
            [$x2, $y2] = $corner($number + 1);
            $brush->line($frame, $x1, $y1, $x2, $y2);
        }

        return $frame;
    }
}
