<?php

declare(strict_types=1);

namespace Daybright\Figure\Solid;

use Daybright\Maths\Quantity;
use Daybright\Scene\Box;
use Daybright\Scene\Paint;
use Daybright\Scene\RenderContext;
use Daybright\Scene\Shape;
use Daybright\Scene\TextStyle;
use Daybright\Scene\Typesetter;

/** A box in cabinet projection: the front face to scale, depth at 45° and half length. */
final readonly class BoxDrawing
{
    private const DEPTH_X = 0.3535534;

    private const LABEL = 34.0;

    private float $scale;

    private float $left;

    private float $bottom;

    private float $length;

    private float $width;

    private float $height;

    private float $answerRoom;

    public function __construct(private Solid $solid, private Box $box, private RenderContext $context)
    {
        [$this->length, $this->width, $this->height] = [
            $solid->length->value->toFloat(),
            $solid->width->value->toFloat(),
            $solid->height->value->toFloat(),
        ];
        $style = new TextStyle(self::LABEL, bold: true);
        $beside = max(
            $context->type->width($solid->height->written(), $style),
            $solid->fill === null ? 0 : $context->type->width($solid->fill->written(), $style),
        ) + 34;
        $depthLabel = $context->type->width($solid->width->written(), $style) + 16;
        $this->answerRoom = self::LABEL * 1.5;
        $room = new Box(
            $box->x + $beside,
            $box->y + 6,
            $box->width - $beside - $depthLabel,
            $box->height - self::LABEL * 1.6 - $this->answerRoom - 6,
        );
        $wide = $this->length + self::DEPTH_X * $this->width;
        $high = $this->height + self::DEPTH_X * $this->width;
        $this->scale = min(max(20.0, $room->width) / $wide, max(20.0, $room->height) / $high);
        $this->left = $room->middleX() - $wide * $this->scale / 2;
        $this->bottom = $room->middleY() + $high * $this->scale / 2;
    }

    /** @return array<string, list<Shape>> */
    public function pieces(): array
    {
        $pieces = [
            'solid' => $this->faces(),
            'edges' => $this->edgeLabels(),
            'layer' => [], 'cubes' => [], 'fill' => [],
            'answers' => $this->answer(),
        ];
        if ($this->solid->view === 'cubes') {
            $pieces['layer'] = $this->cubes(0, 1);
            $pieces['cubes'] = $this->cubes(1, (int) $this->height);
        }
        if ($this->solid->fill !== null) {
            $pieces['fill'] = $this->filling($this->solid->fill);
        }

        return array_filter($pieces);
    }

    /** @return array{float, float} */
    private function point(float $along, float $deep, float $up): array
    {
        return [
            $this->left + ($along + self::DEPTH_X * $deep) * $this->scale,
            $this->bottom - ($up + self::DEPTH_X * $deep) * $this->scale,
        ];
    }

    /** @return list<Shape> */
    private function faces(): array
    {
        [$l, $w, $h] = [$this->length, $this->width, $this->height];
        $hidden = Paint::outlined(Paint::QUIET, 2, 'none', '10 8');

        return [
            $this->face([[0, 0, 0], [$l, 0, 0], [$l, 0, $h], [0, 0, $h]], '#FFFFFF'),
            $this->face([[0, 0, $h], [$l, 0, $h], [$l, $w, $h], [0, $w, $h]], '#F1EEE4'),
            $this->face([[$l, 0, 0], [$l, $w, 0], [$l, $w, $h], [$l, 0, $h]], '#E4DFD0'),
            Shape::polyline([$this->point(0, 0, 0), $this->point(0, $w, 0), $this->point($l, $w, 0)], $hidden),
            Shape::polyline([$this->point(0, $w, 0), $this->point(0, $w, $h)], $hidden),
        ];
    }

    /** @param  list<array{float|int, float|int, float|int}>  $corners */
    private function face(array $corners, string $fill, float $line = 3): Shape
    {
        return Shape::polygon(
            array_map(fn (array $corner): array => $this->point((float) $corner[0], (float) $corner[1], (float) $corner[2]), $corners),
            Paint::outlined(Paint::INK, $line, $fill),
        );
    }

    /** @return list<Shape> */
    private function edgeLabels(): array
    {
        $front = $this->point($this->length / 2, 0, 0);
        $side = $this->point(0, 0, $this->height / 2);
        $deep = $this->point($this->length, $this->width / 2, 0);
        $style = new TextStyle(self::LABEL, Paint::INK, true, 0.5);

        return [
            $this->context->type->label(
                $this->solid->length->written(),
                $this->kept($this->solid->length, $front[0]),
                $front[1] + self::LABEL * 1.15,
                $style,
            ),
            $this->context->type->label(
                $this->solid->height->written(),
                $side[0] - 16,
                $side[1] + self::LABEL * 0.35,
                new TextStyle(self::LABEL, Paint::INK, true, 1),
            ),
            $this->context->type->label(
                $this->solid->width->written(),
                $deep[0] + 12,
                $deep[1] + self::LABEL * 0.75,
                new TextStyle(self::LABEL, Paint::INK, true),
            ),
        ];
    }

    private function kept(Quantity $label, float $x): float
    {
        $half = $this->context->type->width($label->written(), new TextStyle(self::LABEL, bold: true)) / 2;
        // The width's label stands to the right of the front edge: this one keeps clear of it.
        $limit = $this->left + $this->length * $this->scale - $half;

        return max($this->box->x + $half, min($x, max($limit, $this->box->x + $half)));
    }

    /** @return list<Shape> */
    private function cubes(int $from, int $to): array
    {
        $shapes = [];
        $fill = $from === 0 ? $this->context->tint : '#FFFFFF';
        for ($up = $from; $up < $to; $up++) {
            for ($along = 0; $along < (int) $this->length; $along++) {
                $shapes[] = $this->face([[$along, 0, $up], [$along + 1, 0, $up], [$along + 1, 0, $up + 1], [$along, 0, $up + 1]], $fill, 2);
            }
            for ($deep = 0; $deep < (int) $this->width; $deep++) {
                $shapes[] = $this->face(
                    [
                        [$this->length, $deep, $up],
                        [$this->length, $deep + 1, $up],
                        [$this->length, $deep + 1, $up + 1],
                        [$this->length, $deep, $up + 1],
                    ],
                    $from === 0 ? $fill : '#E4DFD0',
                    2,
                );
            }
        }
        for ($along = 0; $along < (int) $this->length; $along++) {
            for ($deep = 0; $deep < (int) $this->width; $deep++) {
                $shapes[] = $this->face(
                    [[$along, $deep, $to], [$along + 1, $deep, $to], [$along + 1, $deep + 1, $to], [$along, $deep + 1, $to]],
                    $from === 0 ? $fill : '#F1EEE4',
                    2,
                );
            }
        }

        return $shapes;
    }

    /** @return list<Shape> */
    private function filling(Quantity $fill): array
    {
        [$l, $w, $f] = [$this->length, $this->width, $fill->value->toFloat()];
        $water = '#9CCBDD';
        [$x, $top] = $this->point(0, 0, $f);
        $bottom = $this->point(0, 0, 0)[1];
        $style = new TextStyle(self::LABEL, '#0F3F4D', true);
        $beside = $this->context->type->width($fill->written(), $style) + 40 <= $l * $this->scale && $bottom - $top >= self::LABEL * 1.2;
        $label = $beside
            ? $this->context->type->label($fill->written(), $x + 34, ($top + $bottom) / 2 + self::LABEL * 0.35, $style)
            : $this->context->type->label(
                $fill->written(),
                $x - 16,
                $this->clearOfHeight(($top + $bottom) / 2),
                new TextStyle(self::LABEL, '#1B6074', true, 1),
            );

        return [
            $this->face([[0, 0, 0], [$l, 0, 0], [$l, 0, $f], [0, 0, $f]], $water, 2),
            $this->face([[$l, 0, 0], [$l, $w, 0], [$l, $w, $f], [$l, 0, $f]], '#7FB6CB', 2),
            Shape::polyline(
                [$this->point(0, 0, $f), $this->point(0, $w, $f), $this->point($l, $w, $f)],
                Paint::outlined('#1B6074', 2, 'none', '10 8'),
            ),
            Shape::polyline([[$x + 20, $top + 4], [$x + 20, $bottom - 4]], Paint::outlined('#0F3F4D', $beside ? 4 : 0)),
            $label,
        ];
    }

    /** The baseline of a label left of the box that does not touch the label of the whole height. */
    private function clearOfHeight(float $middle): float
    {
        $height = $this->point(0, 0, $this->height / 2)[1];
        $lowest = $this->bottom - self::LABEL * 0.35;
        $clear = abs($middle - $height) < self::LABEL * 1.15 ? $height + self::LABEL * 1.15 : $middle;
        if ($clear > $lowest) {
            // Under the box stands the length: there is room above the height.
            $clear = abs($lowest - $height) < self::LABEL * 1.15 ? $height - self::LABEL * 1.15 : $lowest;
        }

        return $clear + self::LABEL * 0.35;
    }

    /** @return list<Shape> */
    private function answer(): array
    {
        $written = $this->solid->fill === null
            ? 'Volume '.$this->solid->volume()->written()
            : 'Filling '.$this->solid->base()->times($this->solid->fill)->written();
        $style = new TextStyle(self::LABEL + 4, $this->context->strong, true, 0.5);
        while ($style->size > Typesetter::SMALLEST && $this->context->type->width($written, $style) > $this->box->width) {
            $style = $style->sized($style->size - 2);
        }

        return [$this->context->type->label($written, $this->box->middleX(), $this->box->bottom() - 12, $style)];
    }
}
