<?php

declare(strict_types=1);

namespace Daybright\Figure\Equivalence;

use Daybright\Figure\Drawing\Hatching;
use Daybright\Figure\Drawing\Labels;
use Daybright\Maths\DecimalExpansion;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;

/** A strip cut into equal parts; under it the same share on a scale of tenths and on one of percents. */
final readonly class Strip
{
    private const SIZE = 30.0;

    public function __construct(private Equivalence $figure, private Box $box, private RenderContext $context)
    {
    }

    /** @return array<string, list<Shape>> */
    public function pieces(): array
    {
        $side = $this->context->type->width('100%', new TextStyle(self::SIZE)) / 2 + 4;
        $strip = new Box(
            $this->box->x + $side,
            $this->box->y + self::SIZE * 1.7,
            $this->box->width - 2 * $side,
            max(60.0, min(130.0, $this->box->height * 0.22)),
        );
        $share = $this->figure->value->toFloat();
        $mark = $strip->x + $strip->width * $share;
        $gap = ($this->box->bottom() - $strip->bottom()) / 2;
        $rows = [$strip->bottom() + $gap * 0.5, $strip->bottom() + $gap * 1.5];
        $dashed = Paint::outlined($this->context->strong, 3, 'none', '8 7');
        $decimals = array_map(
            static fn (int $tenth): string => $tenth === 0 || $tenth === 10 ? (string) intdiv($tenth, 10) : "0.{$tenth}",
            range(0, 10),
        );
        $percents = array_map(static fn (int $tenth): string => ($tenth * 10).'%', range(0, 10));

        return [
            'fraction' => [...$this->strip($strip), ...$this->answer($this->figure->fraction(), $mark, $this->box->y + self::SIZE)],
            'decimal' => [
                Shape::polyline([[$mark, $strip->bottom()], [$mark, $rows[0]]], $dashed),
                ...$this->scale($strip, $rows[0], $decimals),
                ...$this->answer(DecimalExpansion::expand($this->figure->value)->written(), $mark, $rows[0] - 16),
            ],
            'percent' => [
                Shape::polyline([[$mark, $rows[0]], [$mark, $rows[1]]], $dashed),
                ...$this->scale($strip, $rows[1], $percents),
                ...$this->answer($this->figure->percent(), $mark, $rows[1] - 16),
            ],
        ];
    }

    /** @return list<Shape> */
    private function strip(Box $strip): array
    {
        $parts = $this->figure->value->getDenominator()->toInt();
        $shaded = $this->figure->value->getNumerator()->toInt();
        $shapes = [Shape::rectangle($strip, Paint::outlined(Paint::INK, 3, '#FFFFFF'))];
        if ($parts > Equivalence::MOST_PARTS) {
            return [
                ...$shapes,
                ...Hatching::lines(new Box($strip->x, $strip->y, $strip->width * $shaded / $parts, $strip->height), $this->context),
            ];
        }
        for ($part = 0; $part < $parts; $part++) {
            $cell = new Box($strip->x + $strip->width * $part / $parts, $strip->y, $strip->width / $parts, $strip->height);
            array_push(
                $shapes,
                ...($part < $shaded ? Hatching::lines($cell, $this->context) : [Shape::rectangle(
                    $cell,
                    Paint::outlined(Paint::INK, 3, '#FFFFFF'),
                )]),
            );
        }

        return $shapes;
    }

    /**
     * @param  list<string>  $names of the eleven ticks
     * @return list<Shape>
     */
    private function scale(Box $strip, float $y, array $names): array
    {
        $shapes = [Shape::polyline([[$strip->x, $y], [$strip->right(), $y]], Paint::outlined(Paint::INK, 3))];
        $labels = new Labels($this->box, $this->context->type);
        foreach ([0, 10, 5, 1, 2, 3, 4, 6, 7, 8, 9] as $tenth) {
            $x = $strip->x + $strip->width * $tenth / 10;
            $shapes[] = Shape::polyline([[$x, $y], [$x, $y + 10]], Paint::outlined(Paint::INK, 3));
            $shapes[] = $labels->optional($names[$tenth], $x, $y + 12 + self::SIZE * 0.85, new TextStyle(28, Paint::QUIET, false, 0.5));
        }

        return array_values(array_filter($shapes));
    }

    /** @return list<Shape> */
    private function answer(string $written, float $x, float $baseline): array
    {
        $style = new TextStyle(self::SIZE + 4, $this->context->strong, true);
        $width = $this->context->type->width($written, $style);
        // Beside the dashed line where there is room for it, so that the line does not cross the words.
        $left = $x + 10 + $width <= $this->box->right() ? $x + 10 : max($this->box->x, $x - 10 - $width);

        return [
            Shape::circle($x, $baseline + 16, 7, Paint::filled($this->context->strong)),
            $this->context->type->label($written, $left, $baseline, $style),
        ];
    }
}
