<?php

declare(strict_types=1);

namespace Daybright\Figure\ScaleReading;

use Brick\Math\BigRational;
use Daybright\Figure\Drawing\Arrow;
use Daybright\Figure\Drawing\Labels;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;

/** An upright scale: a cylinder with its liquid, or a thermometer with its thread. */
final readonly class Column
{
    private const SIZE = 30.0;

    private Box $tube;

    public function __construct(private ScaleReading $figure, private Box $box, private RenderContext $context)
    {
        $width = $this->isThermometer() ? 34.0 : min(150.0, $box->width * 0.15);
        $left = 76 + $context->type->width($figure->in($figure->reading)->written(), new TextStyle(self::SIZE, bold: true));
        $foot = $this->isThermometer() ? 62.0 : 30.0;
        $this->tube = new Box($box->x + max($left, $box->width * 0.42 - $width / 2), $box->y + 26, $width, $box->height - 40 - $foot);
    }

    /** @return array<string, list<Shape>> */
    public function pieces(): array
    {
        $level = $this->at($this->figure->reading);
        $labels = new Labels($this->box, $this->context->type);
        $bold = new TextStyle(self::SIZE, $this->context->strong, true);
        $reading = $this->figure->in($this->figure->reading)->written();

        return [
            'scale' => [...$this->vessel($level), ...$this->ticks($labels)],
            'division' => $this->division($labels),
            'answer' => [
                ...Arrow::along([[$this->tube->x - 60, $level], [$this->tube->x - 8, $level]], $this->context->strong, 4, 18),
                $this->context->type->label(
                    $reading,
                    $this->tube->x - 70,
                    $level + self::SIZE * 0.34,
                    new TextStyle($bold->size, $bold->colour, true, 1),
                ),
            ],
        ];
    }

    private function isThermometer(): bool
    {
        return $this->figure->instrument === 'thermometer';
    }

    private function at(BigRational $value): float
    {
        $share = $value->minus($this->figure->from)->dividedBy($this->figure->to->minus($this->figure->from))->toFloat();

        return $this->tube->bottom() - 26 - ($this->tube->height - 36) * $share;
    }

    /** @return list<Shape> */
    private function vessel(float $level): array
    {
        $inside = new Box($this->tube->x, $level, $this->tube->width, $this->tube->bottom() - $level);
        if ($this->isThermometer()) {
            $radius = 30.0;

            return [
                Shape::rectangle($this->tube, Paint::outlined(Paint::INK, 3, '#FFFFFF'), 16),
                Shape::circle(
                    $this->tube->middleX(),
                    $this->tube->bottom() + $radius - 6,
                    $radius,
                    Paint::outlined(Paint::INK, 3, '#A34A00'),
                ),
                Shape::rectangle(
                    new Box($this->tube->middleX() - 7, $level, 14, $this->tube->bottom() + 10 - $level),
                    Paint::filled('#A34A00'),
                ),
            ];
        }

        return [
            Shape::rectangle($inside, Paint::filled('#BFE0EA')),
            Shape::polyline(
                [
                    [$this->tube->x, $this->tube->y - 16],
                    [$this->tube->x, $this->tube->bottom()],
                    [$this->tube->right(), $this->tube->bottom()],
                    [$this->tube->right(), $this->tube->y - 16],
                ],
                Paint::outlined(Paint::INK, 4),
            ),
            Shape::polyline([[$this->tube->x, $level], [$this->tube->right(), $level]], Paint::outlined('#1B6074', 4)),
            Shape::rectangle(
                new Box($this->tube->x - 30, $this->tube->bottom(), $this->tube->width + 60, 18),
                Paint::outlined(Paint::INK, 3, '#E4DFD0'),
                6,
            ),
        ];
    }

    /** @return list<Shape> */
    private function ticks(Labels $labels): array
    {
        $shapes = [];
        $unit = $this->figure->unit->symbol();
        for ($tick = 0; $tick <= $this->figure->labels * $this->figure->perLabel; $tick++) {
            $value = $this->figure->from->plus($this->figure->division()->multipliedBy($tick));
            $y = $this->at($value);
            $isNumbered = $tick % $this->figure->perLabel === 0;
            $shapes[] = Shape::polyline(
                [[$this->tube->right() - ($isNumbered ? 34 : 20), $y], [$this->tube->right() + ($this->isThermometer() ? 16 : 0), $y]],
                Paint::outlined(Paint::INK, $isNumbered ? 3 : 2),
            );
            if ($isNumbered) {
                $shapes[] = $labels->optional(
                    $this->figure->in($value)->number(),
                    $this->tube->right() + 24,
                    $y + self::SIZE * 0.34,
                    new TextStyle(self::SIZE, Paint::INK),
                );
            }
        }
        // The unit stands once, at the top, as on the instrument itself.
        $shapes[] = $labels->optional(
            $unit,
            $this->tube->right() + 24 + 130,
            $this->tube->y + self::SIZE * 0.5,
            new TextStyle(self::SIZE, Paint::QUIET),
        );

        return array_values(array_filter($shapes));
    }

    /** @return list<Shape> */
    private function division(Labels $labels): array
    {
        [$low, $high] = [$this->at($this->figure->from), $this->at($this->figure->from->plus($this->figure->division()))];
        $numbers = array_map(
            fn (int $label): float => $this->context->type->width(
                $this->figure->in($this->figure->from->plus($this->figure->division()->multipliedBy(
                    $label * $this->figure->perLabel,
                )))->number(),
                new TextStyle(self::SIZE),
            ),
            range(0, $this->figure->labels),
        );
        $x = $this->tube->right() + 46 + max($numbers);

        return [
            Shape::polyline([[$x - 12, $low], [$x, $low], [$x, $high], [$x - 12, $high]], Paint::outlined($this->context->strong, 4)),
            $labels->fixed('1 division', $x + 14, ($low + $high) / 2 - 8, new TextStyle(28, $this->context->strong, true)),
            $labels->fixed(
                '= '.$this->figure->in($this->figure->division())->written(),
                $x + 14,
                ($low + $high) / 2 + 26,
                new TextStyle(28, $this->context->strong, true),
            ),
        ];
    }
}
