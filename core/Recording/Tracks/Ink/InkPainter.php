<?php

declare(strict_types=1);

namespace Daybright\Recording\Tracks\Ink;

use Daybright\Recording\Frames\Brush;
use Daybright\Recording\Frames\FramePainter;
use Daybright\Recording\Frames\FrameSize;
use Daybright\Recording\Frames\Motion;
use Daybright\Recording\Playhead;

/** Draws strokes into the picture as they grow. */
final class InkPainter implements FramePainter
{
    private const MARKER = 0.38;

    /** @var Playhead<Stroke> */
    private readonly Playhead $playhead;

    /** @var array<int, Brush> by the stroke's own number, while it grows */
    private array $brushes = [];

    /** @var array<int, int> how many points of each stroke are drawn */
    private array $drawn = [];

    /** @var array<int, Stroke> strokes in the picture now */
    private array $inPicture = [];

    /** @param  list<Stroke>  $strokes */
    public function __construct(private readonly array $strokes, private readonly FrameSize $size)
    {
        $this->playhead = new Playhead($strokes);
    }

    public function moments(): array
    {
        $moments = [];
        foreach ($this->strokes as $stroke) {
            $drawn = array_map(static fn (array $point): float => $stroke->from + $point[0], $stroke->points);
            array_push($moments, ...Motion::pictures($drawn));
            $moments[] = $stroke->to;
        }

        return $moments;
    }

    public function isPassing(): bool
    {
        return false;
    }

    public function hasToGo(float $at, string $slide): bool
    {
        return array_diff_key($this->inPicture, $this->seen($at, $slide)) !== [];
    }

    public function begin(): void
    {
        $this->brushes = $this->drawn = $this->inPicture = [];
    }

    public function paint(string &$frame, float $at, string $slide): void
    {
        $this->inPicture = $this->seen($at, $slide);
        foreach ($this->inPicture as $number => $stroke) {
            $this->draw($frame, $number, $stroke, $at);
        }
    }

    /** @return array<int, Stroke> */
    private function seen(float $at, string $slide): array
    {
        return array_filter($this->playhead->at($at), static fn (Stroke $stroke): bool => $stroke->slide === $slide);
    }

    private function draw(string &$frame, int $number, Stroke $stroke, float $at): void
    {
        $points = $stroke->points;
        if (($this->drawn[$number] ?? 0) === count($points)) {
            return;
        }
        $brush = $this->brushes[$number] ??= new Brush(
            $this->size,
            $stroke->colour,
            $stroke->width,
            $stroke->tool === 'marker' ? self::MARKER : 1.0,
        );
        for ($next = $this->drawn[$number] ?? 0; isset($points[$next]) && $at + 0.5 >= $stroke->from + $points[$next][0]; $next++) {
            $from = $points[max(0, $next - 1)];
            $brush->line($frame, $from[1], $from[2], $points[$next][1], $points[$next][2]);
        }
        $this->drawn[$number] = $next;
        // A whole stroke no longer needs to know what it covers, which is much.
        if ($next === count($points)) {
            unset($this->brushes[$number]);
        }
    }
}
