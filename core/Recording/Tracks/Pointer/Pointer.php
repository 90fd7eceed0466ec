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
use Daybright\Recording\Tracks\PlacedEvent;
use Daybright\Recording\Tracks\Run;
use Daybright\Recording\Tracks\SegmentEvents;

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
        $starts = array_map(static fn (PlacedEvent $event): array => [$event->at, self::place($event->data)], $events->of('point'));

        return Run::of($starts, $events->ends, self::spot(...));
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

    /** @param  array{float, float}  $place */
    private static function spot(float $from, float $to, array $place): Spot
    {
        return new Spot($from, $to, $place[0], $place[1]);
    }

    /** @return array{float, float}|null nothing where the pointer has left the slide */
    private static function place(Fields $data): ?array
    {
        $x = $data->optionalNumber('x');
        $y = $data->optionalNumber('y');

        return $x === null || $y === null ? null : [$x, $y];
    }
}
