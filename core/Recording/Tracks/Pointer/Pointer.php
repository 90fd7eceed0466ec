<?php

declare(strict_types=1);

namespace Daybright\Recording\Tracks\Pointer;

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

/** A spot of light that follows the teacher's hand. */
final class Pointer implements PaintsFrames
{
    private const COLOUR = '#B3261E';

    private const WIDTH = 26.0;

    public static function name(): string
    {
        return 'pointer';
    }

    public static function events(): array
    {
        return ['point'];
    }

    public static function intervals(SegmentEvents $events): array
    {
        return Spot::following($events, 'point');
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

        return new PassingPainter($spots, static function (string $frame, Spot $spot) use ($size): string {
            (new Brush($size, self::COLOUR, self::WIDTH))->line($frame, $spot->x, $spot->y, $spot->x, $spot->y);

            return $frame;
        });
    }
}
