<?php

declare(strict_types=1);

namespace Daybright\Figure\Flow;

use Daybright\Figure\Drawing\Arrow;
use Daybright\Figure\Drawing\Card;
use Daybright\Scene\Box;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;

/** The boxes and the arrows between them. */
final readonly class FlowDrawing
{
    /** @var list<Box> */
    private array $boxes;

    private float $size;

    public function __construct(private Flow $flow, Box $box, private RenderContext $context)
    {
        $this->boxes = (new Layout($flow, $box->inset(3)))->boxes();
        $this->size = Card::commonSize(
            array_map(
                static fn (Box $place, int $number): array => [$flow->label($number), $place],
                $this->boxes,
                array_keys($this->boxes),
            ),
            $context,
            44,
        );
    }

    /** @return array<string, list<Shape>> */
    public function pieces(): array
    {
        return $this->flow->kind === 'cause' ? $this->causes() : $this->following();
    }

    /** @return array<string, list<Shape>> */
    private function following(): array
    {
        $pieces = [];
        $last = count($this->boxes) - 1;
        foreach ($this->boxes as $number => $box) {
            $from = $this->flow->kind === 'branch' ? $this->flow->boxes[$number]->parent : ($number === 0 ? null : $number - 1);
            $arrow = $from === null ? [] : $this->arrow($this->boxes[$from], $box);
            $pieces['box-'.($number + 1)] = [...$arrow, ...$this->card($number, $number === 0)];
        }
        if ($this->flow->kind === 'cycle') {
            $pieces['close'] = $this->arrow($this->boxes[$last], $this->boxes[0]);
        }

        return $pieces;
    }

    /** @return array<string, list<Shape>> */
    private function causes(): array
    {
        $pieces = ['event' => [], 'causes' => [], 'effects' => []];
        $middle = (int) array_search(1, array_map(static fn (FlowBox $box): int => $box->level, $this->flow->boxes), true);
        foreach ($this->flow->boxes as $number => $box) {
            $piece = ['causes', 'event', 'effects'][$box->level];
            $arrow = match ($box->level) {
                0 => $this->arrow($this->boxes[$number], $this->boxes[$middle], ($number + 1) / ($middle + 1)),
                2 => $this->arrow($this->boxes[$middle], $this->boxes[$number]),
                default => [],
            };
            $pieces[$piece] = [...$pieces[$piece], ...$arrow, ...$this->card($number, $box->level === 1)];
        }

        return $pieces;
    }

    /** @return list<Shape> */
    private function card(int $number, bool $isMain): array
    {
        return Card::layOut(
            $this->flow->label($number),
            $this->boxes[$number],
            $this->context,
            $isMain,
            $isMain ? $this->context->tint : '#FFFFFF',
            $this->size,
        );
    }

    /**
     * From edge to edge, on the sides that face each other.
     *
     * @param  float  $share where on the side of the second box it arrives, from 0 to 1
     * @return list<Shape>
     */
    private function arrow(Box $from, Box $to, float $share = 0.5): array
    {
        $strong = $this->context->strong;
        $isBeside = $from->right() < $to->x || $to->right() < $from->x;
        $overlap = min($from->bottom(), $to->bottom()) - max($from->y, $to->y);
        if ($isBeside && ($overlap > 0 || in_array($this->flow->kind, ['branch', 'cause'], true))) {
            $goesRight = $from->right() < $to->x;
            $end = [$goesRight ? $to->x - 4 : $to->right() + 4, $to->y + $to->height * $share];
            $start = [
                $goesRight ? $from->right() : $from->x,
                $overlap > 0 && $share === 0.5 && ! in_array($this->flow->kind, ['branch', 'cause'], true) ? $end[1] : $from->middleY(),
            ];

            return Arrow::along([$start, $end], $strong, 4);
        }
        if (! $isBeside) {
            $goesDown = $from->y < $to->y;
            $x = (max($from->x, $to->x) + min($from->right(), $to->right())) / 2;

            return Arrow::along(
                [[$x, $goesDown ? $from->bottom() : $from->y], [$x, $goesDown ? $to->y - 4 : $to->bottom() + 4]],
                $strong,
                4,
            );
        }

        return Arrow::along([$this->edge($from, $to, 2), $this->edge($to, $from, 6)], $strong, 4);
    }

    /**
     * Where the straight way from the middle of one box to another leaves the first.
     *
     * @return array{float, float}
     */
    private function edge(Box $box, Box $towards, float $beyond): array
    {
        [$dx, $dy] = [$towards->middleX() - $box->middleX(), $towards->middleY() - $box->middleY()];
        $share = min(
            abs($dx) < 1e-9 ? INF : ($box->width / 2 + $beyond) / abs($dx),
            abs($dy) < 1e-9 ? INF : ($box->height / 2 + $beyond) / abs($dy),
        );

        return [$box->middleX() + $dx * $share, $box->middleY() + $dy * $share];
    }
}
