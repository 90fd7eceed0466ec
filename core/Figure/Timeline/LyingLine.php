<?php

declare(strict_types=1);

namespace Daybright\Figure\Timeline;

use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\SetText;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;

/**
 * The line from left to right, events as flags above and below it in turn.
 *
 * A flag hangs to the right of its pole. On each side an earlier flag that reaches over a later pole hangs farther out, so no pole
 * crosses a flag.
 */
final readonly class LyingLine
{
    private const FLAG = 300.0;

    private const SIZE = 30.0;

    private float $left;

    private float $right;

    private Spacing $spacing;

    /** @var list<SetText> */
    private array $flags;

    /** @var list<int> how far out each flag hangs, counted from 0 */
    private array $lanes;

    private float $laneHeight;

    public function __construct(private Timeline $timeline, private Box $box, private RenderContext $context)
    {
        $this->spacing = new Spacing($timeline);
        $this->flags = array_map(
            fn (Event $event): SetText => $context->type->set(
                "*{$event->written()}* {$event->label}",
                self::FLAG,
                new TextStyle(self::SIZE, Paint::INK, false, 0, 1.2),
            ),
            $timeline->events,
        );
        $this->left = $box->x + 20;
        $this->right = $box->right() - self::FLAG - 16;
        $this->lanes = $this->hang();
        $this->laneHeight = max([0.0, ...array_map(static fn (SetText $flag): float => $flag->height(), $this->flags)]) + 16;
    }

    public function fits(): bool
    {
        $lanes = max([0, ...$this->lanes]) + 1;

        return $this->right - $this->left > 300
            && 2 * ($lanes * $this->laneHeight + 34) + 40 <= $this->box->height
            && $this->polesKeepApart();
    }

    /** @return array<string, list<Shape>> */
    public function pieces(): array
    {
        $y = $this->box->middleY();
        $pieces = ['line' => [
            Shape::polyline([[$this->box->x, $y], [$this->box->right() - 10, $y]], Paint::outlined(Paint::INK, 5)),
            ...$this->eras($y),
            ...$this->breakMark($y),
        ]];
        foreach ($this->timeline->events as $number => $event) {
            $x = $this->at($event->from);
            $isAbove = $number % 2 === 0;
            $far = 34 + $this->lanes[$number] * $this->laneHeight;
            $height = $this->flags[$number]->height();
            $top = $isAbove ? $y - $far - $height : $y + $far;
            $shapes = [Shape::polyline([[$x, $y], [$x, $isAbove ? $top : $top + $height]], Paint::outlined($this->context->strong, 3))];
            if ($event->to !== null) {
                $shapes[] = Shape::rectangle(
                    new Box($x, $y - 11, max(8.0, $this->at($event->to) - $x), 22),
                    Paint::outlined($this->context->strong, 3, $this->context->tint),
                );
            }
            $shapes[] = Shape::circle($x, $y, 10, Paint::outlined('#FFFFFF', 3, $this->context->strong));
            $pieces['event-'.($number + 1)] = [...$shapes, ...$this->flags[$number]->shapes($x + 12, $top)];
        }

        return $pieces;
    }

    private function at(Year $year): float
    {
        return $this->left + ($this->right - $this->left) * $this->spacing->at($year);
    }

    /** @return list<int> */
    private function hang(): array
    {
        $lanes = array_fill(0, count($this->flags), 0);
        for ($number = count($this->flags) - 1; $number >= 0; $number--) {
            for ($later = $number + 2; $later < count($this->flags); $later += 2) {
                if ($this->at($this->timeline->events[$later]->from) < $this->at(
                    $this->timeline->events[$number]->from,
                ) + 12 + $this->flags[$number]->width() + 20) {
                    $lanes[$number] = max($lanes[$number], $lanes[$later] + 1);
                }
            }
        }

        return array_values($lanes);
    }

    /** Poles of one side closer than this could not be told apart. */
    private function polesKeepApart(): bool
    {
        for ($number = 2; $number < count($this->flags); $number++) {
            if ($this->at($this->timeline->events[$number]->from) - $this->at($this->timeline->events[$number - 2]->from) < 16) {
                return false;
            }
        }

        return true;
    }

    /**
     * Where the eras meet, a short line; their names are given by the years themselves.
     *
     * @return list<Shape>
     */
    private function eras(float $y): array
    {
        if (! $this->timeline->first()->isBefore() || $this->timeline->lastYear()->isBefore()) {
            return [];
        }
        $x = $this->at(Year::numbered(1, false));

        return [Shape::polyline([[$x, $y - 20], [$x, $y + 20]], Paint::outlined(Paint::INK, 4, 'none', '5 5'))];
    }

    /** @return list<Shape> */
    private function breakMark(float $y): array
    {
        if ($this->spacing->breakAfter() === null) {
            return [];
        }
        $x = $this->left + ($this->right - $this->left) * $this->spacing->breakAt();

        return [
            Shape::rectangle(new Box($x - 9, $y - 5, 18, 10), Paint::filled('#FFFEFB')),
            Shape::polyline([[$x - 16, $y + 18], [$x - 2, $y - 18]], Paint::outlined(Paint::INK, 4)),
            Shape::polyline([[$x + 2, $y + 18], [$x + 16, $y - 18]], Paint::outlined(Paint::INK, 4)),
        ];
    }
}
