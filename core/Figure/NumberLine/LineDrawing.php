<?php

declare(strict_types=1);

namespace Daybright\Figure\NumberLine;

use Brick\Math\BigRational;
use Daybright\Figure\Drawing\Arrow;
use Daybright\Figure\Drawing\Labels;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;

/** The line with its ticks and numbers below, marks and jumps above. */
final readonly class LineDrawing
{
    private const SIZE = 30.0;

    private float $y;

    private float $left;

    private float $right;

    private float $jumpHeight;

    private Labels $labels;

    public function __construct(private NumberLine $line, private Box $box, private RenderContext $context)
    {
        $this->labels = new Labels($box, $context->type);
        $style = new TextStyle(self::SIZE);
        $this->left = $box->x + max(28.0, $context->type->width(NumberLine::number($line->from), $style) / 2 + 2);
        $this->right = $box->right() - max(36.0, $context->type->width(NumberLine::number($line->to), $style) / 2 + 2);
        $this->jumpHeight = $line->jumps === [] ? 0.0 : min(130.0, $box->height * 0.34);
        $this->y = min($box->bottom() - self::SIZE * 2.2, $box->middleY() + $this->jumpHeight * 0.55 + ($line->jumps === [] ? 0 : 20));
    }

    /** @return array<string, list<Shape>> */
    public function pieces(): array
    {
        $pieces = ['line' => $this->line()];
        $arcs = [];
        foreach ($this->line->jumps as $number => [$from, $to]) {
            $arcs['jump-'.($number + 1)] = $this->arc($this->at($from), $this->at($to));
        }
        $pieces['marks'] = $this->marks();
        foreach ($this->line->jumps as $number => [$from, $to]) {
            $name = 'jump-'.($number + 1);
            $pieces[$name] = [...$arcs[$name], ...$this->jumpLabel($from, $to)];
        }

        return array_filter($pieces);
    }

    private function at(BigRational $value): float
    {
        $share = $value->minus($this->line->from)->dividedBy($this->line->to->minus($this->line->from))->toFloat();

        return $this->left + ($this->right - $this->left) * $share;
    }

    /** @return list<Shape> */
    private function line(): array
    {
        $shapes = Arrow::along([[$this->left - 24, $this->y], [$this->right + 32, $this->y]], Paint::INK, 4, 18);
        $this->labels->keepClearOf(new Box($this->left - 24, $this->y - 14, $this->right - $this->left + 56, 28));
        $count = $this->line->to->minus($this->line->from)->dividedBy($this->line->division)->toFloat();
        $values = [];
        for ($tick = 0; $tick <= $count + 1e-9; $tick++) {
            $values[] = $this->line->from->plus($this->line->division->multipliedBy($tick));
        }
        foreach ($values as $value) {
            $isWhole = $value->simplified()->getDenominator()->isEqualTo(1);
            $x = $this->at($value);
            $shapes[] = Shape::polyline(
                [[$x, $this->y - ($isWhole ? 16 : 10)], [$x, $this->y + ($isWhole ? 16 : 10)]],
                Paint::outlined(Paint::INK, $isWhole ? 4 : 2.5),
            );
        }
        // Whole numbers are written first; the others where there is room left.
        usort(
            $values,
            static fn (BigRational $one, BigRational $other): int => $one->simplified()
                ->getDenominator()
                ->compareTo($other->simplified()->getDenominator()),
        );
        foreach ([$this->line->from, ...$values] as $value) {
            $shapes[] = $this->labels->optional(
                NumberLine::number($value),
                $this->at($value),
                $this->y + 20 + self::SIZE,
                new TextStyle(self::SIZE, Paint::INK, false, 0.5),
            );
        }

        return array_values(array_filter($shapes));
    }

    /** @return list<Shape> */
    private function marks(): array
    {
        $shapes = [];
        foreach ($this->line->marks as [$name, $place]) {
            $x = $this->at($place);
            $shapes[] = Shape::circle($x, $this->y, 11, Paint::outlined('#FFFFFF', 3, $this->context->strong));
            $written = $name === '' ? NumberLine::number($place) : $name;
            array_push(
                $shapes,
                ...$this->labels->near($written, $x, $this->y - 10, new TextStyle(self::SIZE + 4, $this->context->strong, true), 10, 90),
            );
        }

        return $shapes;
    }

    /** @return list<Shape> */
    private function arc(float $from, float $to): array
    {
        $points = [];
        $height = max(40.0, min($this->jumpHeight, abs($to - $from) * 0.6));
        for ($piece = 0; $piece <= 24; $piece++) {
            $share = $piece / 24;
            $points[] = [$from + ($to - $from) * $share, $this->y - 14 - sin($share * M_PI) * $height];
        }
        foreach (array_slice($points, 1) as $number => $point) {
            $this->labels->keepClearOfLine($points[$number][0], $points[$number][1], $point[0], $point[1]);
        }

        return Arrow::along($points, $this->context->strong, 4, 18);
    }

    /** @return list<Shape> */
    private function jumpLabel(BigRational $from, BigRational $to): array
    {
        $sign = $to->isGreaterThan($from) ? '+' : '−';
        $height = max(40.0, min($this->jumpHeight, abs($this->at($to) - $this->at($from)) * 0.6));

        return $this->labels->near(
            $sign.NumberLine::number($to->minus($from)->abs()),
            ($this->at($from) + $this->at($to)) / 2,
            $this->y - 14 - $height,
            new TextStyle(self::SIZE, Paint::INK, true),
            8,
            90,
        );
    }
}
